/**
 * A screen or a dialog whose code cannot be fetched says so: the server rests, or Stube was renewed since this page was
 * opened and what it asks for is no longer there.
 */
import { START_LOCATION, type Router } from 'vue-router';
import { useNotices } from '../data/notices.ts';

/** @param load the whole page anew, at a path */
export function tellWhatDoesNotOpen(router: Router, load = (path: string) => window.location.assign(path)): void {
  const tell = async (path: string, leaving: boolean): Promise<void> => {
    const answers = await fetch('/api/health').then(
      ({ ok }) => ok,
      () => false,
    );
    // Whoever is leaving loses nothing; what is on the way into a form stays until it is said.
    if (answers && leaving) return load(path);
    const text = answers
      ? 'Stube was renewed since this page was opened. Load the page anew to go on.'
      : 'The server does not answer, so this cannot be opened. Try again in a moment.';
    const again = { label: 'Load anew', run: () => load(path) };
    useNotices().say(text, answers ? again : { label: 'Try again', run: () => void tell(path, leaving) }, 'caution');
  };
  let opening = false;
  router.onError((_, to, from) => {
    // The first screen: the page says by itself that it could not be opened (App.vue).
    if (from === START_LOCATION) return;
    opening = true;
    void tell(to.fullPath, true).finally(() => (opening = false));
  });
  // Dialogs that are fetched when they are opened; for a screen the router says where it leads.
  window.addEventListener('vite:preloadError', () =>
    setTimeout(() => {
      const { currentRoute } = router;
      if (!opening && currentRoute.value !== START_LOCATION) void tell(currentRoute.value.fullPath, false);
    }),
  );
}
