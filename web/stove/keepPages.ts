/** Keeping the pages takes a slow device a second; what is pressed as soon as a screen is there comes first, ms. */
const PAGES_KEPT_AFTER_MS = 5000;

/** From the first look at a stove or at jars on, pages open without a server too. What it answers calls that off. */
export function keepPages(): () => void {
  const timer = setTimeout(() => {
    // A browser that has no such workers goes without; where no server answers just now, the next page tries again.
    if ('serviceWorker' in navigator)
      navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, PAGES_KEPT_AFTER_MS);
  return () => clearTimeout(timer);
}
