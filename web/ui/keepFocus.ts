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

/**
 * A press that removes its own button leaves whoever uses the keyboard at the top of the page. From
 * now on the focus goes to what took the button’s place; a new page has a heading for that.
 * @returns what ends it
 */
export function keepFocus(root: HTMLElement): () => void {
  let last: { element: Element; places: Place[]; path: string } | null = null;
  const onFocus = ({ target }: FocusEvent) => {
    if (target instanceof Element)
      last = { element: target, places: placesOf(target, root), path: window.location.pathname };
  };
  const observer = new MutationObserver(() => {
    if (last === null || last.element.isConnected || document.activeElement !== document.body)
      return;
    const { places, path } = last;
    last = null;
    if (path === window.location.pathname) tookPlaceOf(places)?.focus({ preventScroll: true });
  });
  root.addEventListener('focusin', onFocus);
  observer.observe(root, { childList: true, subtree: true });
  return () => {
    root.removeEventListener('focusin', onFocus);
    observer.disconnect();
  };
}
