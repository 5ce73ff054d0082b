// Debian's Chromium, quiet: it looks for nothing outside.
import { chromium } from '@playwright/test';

export const launch = () =>
  chromium.launch({
    executablePath: process.env.STUBE_CHROMIUM ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
