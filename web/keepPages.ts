import { fetchScreens } from './screens.ts';

/** Fetching the other screens waits until the first one has been drawn and looked at, ms. */
const SCREENS_FETCHED_AFTER_MS = 1500;
/**
 * Keeping the pages takes a slow device a second; what is pressed as soon as a screen is there
 * comes first, ms.
 */
const PAGES_KEPT_AFTER_MS = 3000;

/** Whether somebody asked the browser to load as little as it can. */
const savesData = (): boolean =>
  (navigator as Navigator & { readonly connection?: { readonly saveData?: boolean } }).connection
    ?.saveData === true;

/**
 * From the first look on, every screen opens without a network, and a while later without a server
 * too; where data is to be saved, each is fetched when it is needed. What it answers calls that off.
 */
export function keepPages(): () => void {
  if (savesData()) return () => undefined;
  const fetching = setTimeout(() => void fetchScreens(), SCREENS_FETCHED_AFTER_MS);
  const keeping = setTimeout(() => {
    // A browser that has no such workers goes without; where no server answers just now, the next
    // page tries again.
    if ('serviceWorker' in navigator)
      navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, PAGES_KEPT_AFTER_MS);
  return () => {
    clearTimeout(fetching);
    clearTimeout(keeping);
  };
}
