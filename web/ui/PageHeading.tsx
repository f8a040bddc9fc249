import { say } from '@idle-kettle/words';
import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

type Props = {
  readonly className: string;
  /** What the browser’s tab says; what the heading says where it is left out. */
  readonly title?: string;
  /** Of a page with steps, which one it is. */
  readonly step?: number;
  readonly children: React.ReactNode;
};

/** The page that was last come to. */
let lastAt: string | null = null;

/**
 * The heading of a page, after which its tab is named. Who comes from another page goes on here, by
 * keyboard and by ear; who is writing on the page already is left there.
 */
export function PageHeading({ className, title, step, children }: Props) {
  const heading = useRef<HTMLHeadingElement>(null);
  const { pathname } = useLocation();
  const at = step === undefined ? pathname : `${pathname} ${step}`;
  useEffect(() => {
    const name = title ?? heading.current?.textContent ?? '';
    document.title = say('ui.titleOf', { name });
  });
  useEffect(() => {
    const isComing = lastAt !== null && lastAt !== at;
    const isStep = isComing && step !== undefined && lastAt?.startsWith(pathname) === true;
    lastAt = at;
    const { activeElement } = document;
    const isWriting = activeElement?.closest('#page') != null;
    if (isComing && (isStep || !isWriting)) heading.current?.focus({ preventScroll: true });
  }, [at, pathname, step]);
  return (
    <h1 ref={heading} tabIndex={-1} className={`focus:outline-none ${className}`}>
      {children}
    </h1>
  );
}
