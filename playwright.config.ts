import { defineConfig } from '@playwright/test';

/** What a whole browser does beside the page: the list beneath its address bar is a page too. */
const NOT_NEEDED = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
  'DestroyProfileOnBrowserClose',
];
const CHROMIUM_FLAGS = [
  `--disable-features=${NOT_NEEDED.join(',')}`,
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/setup.ts',
  // Limits end what hangs: several times what a slow machine needs while others are busy on it.
  timeout: 400_000,
  expect: { timeout: 60_000 },
  // A shared machine may take both cores away for minutes: what passes only then is listed as flaky.
  retries: process.env.CI ? 1 : 0,
  // Each file has a server of its own, so that files do not meet.
  workers: Number(process.env.STUBE_E2E_WORKERS ?? 2),
  reporter: 'list',
  use: {
    browserName: 'chromium',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Colours on their way from one to the other are nobody's colours: nothing moves while it is judged.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { executablePath: process.env.STUBE_CHROMIUM ?? '/usr/bin/chromium', args: CHROMIUM_FLAGS },
  },
});
