/** Whatever the keyboard can go to. */
const REACHABLE =
  'button:not(:disabled), a[href], input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]';

/** Where something stood: a parent, and its place among the children; the nearest parent first. */
type Place = { readonly parent: Element; readonly index: number };

function placesOf(element: Element, root: Element): Place[] {
  const places: Place[] = [];
  for (let one = element; one !== root && one.parentElement !== null; one = one.parentElement)
    places.push({
      parent: one.parentElement,
      index: [...one.parentElement.children].indexOf(one),
    });
  return places;
}

const reachableIn = (element: Element): HTMLElement | null =>
  [element, ...element.querySelectorAll(REACHABLE)].find(
    (one): one is HTMLElement =>
      one instanceof HTMLElement && one.matches(REACHABLE) && one.checkVisibility(),
  ) ?? null;

/**
 * What took the place of something that is gone: there, else after it, else before it, else around
 * it.
 */
export function tookPlaceOf(places: readonly Place[]): HTMLElement | null {
  for (const { parent, index } of places) {
    if (!parent.isConnected) continue;
    const children = [...parent.children];
    const inOrder = [...children.slice(index), ...children.slice(0, index).toReversed()];
    for (const child of inOrder) {
      const found = reachableIn(child);
      if (found !== null) return found;
    }
  }
  return null;
}

/** A button that is off for so long, ms, does not come back soon. */
const STAYS_OFF_MS = 1000;

type Last = { readonly element: Element; readonly places: readonly Place[]; readonly path: string };

/**
 * A press that removes its own button, or turns it off, leaves whoever uses the keyboard at the top
 * of the page. From now on the focus goes to what took the button’s place, or back to it once it is
 * on again; a new page has a heading for that.
 * @returns what ends it
 */
export function keepFocus(root: HTMLElement): () => void {
  let last: Last | null = null;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const onFocus = ({ target }: FocusEvent) => {
    clearTimeout(waiting);
    if (target instanceof Element)
      last = { element: target, places: placesOf(target, root), path: window.location.pathname };
  };
  const isLost = () => document.activeElement === document.body;
  const goOn = ({ places, path }: Last) => {
    last = null;
    if (path === window.location.pathname) tookPlaceOf(places)?.focus({ preventScroll: true });
  };
  const observer = new MutationObserver((changes) => {
    if (last === null) return;
    const { element } = last;
    // The browser takes the focus off a button that goes off only once it is drawn so.
    if (
      element.isConnected &&
      changes.some(({ target, type }) => type === 'attributes' && target === element)
    ) {
      clearTimeout(waiting);
      const isOff = element.matches(':disabled');
      if (isOff)
        waiting = setTimeout(() => {
          if (last?.element === element && isLost()) goOn(last);
        }, STAYS_OFF_MS);
      else if (isLost() && element instanceof HTMLElement) element.focus({ preventScroll: true });
    } else if (!element.isConnected && isLost()) goOn(last);
  });
  root.addEventListener('focusin', onFocus);
  observer.observe(root, {
    childList: true,
    subtree: true,
    attributes: true,
    attributeFilter: ['disabled'],
  });
  return () => {
    clearTimeout(waiting);
    root.removeEventListener('focusin', onFocus);
    observer.disconnect();
  };
}
