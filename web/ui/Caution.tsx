import { textOf } from '@idle-kettle/words';
import type { Caution as Told } from '@idle-kettle/core';
import { Info, OctagonAlert, TriangleAlert } from 'lucide-react';

const LOOK = {
  stop: { icon: OctagonAlert, style: 'border-error text-error font-bold' },
  warn: { icon: TriangleAlert, style: 'border-secondary' },
  note: { icon: Info, style: 'border-base-300' },
} as const;

type Props = {
  readonly of: Told;
  /** The way on, where a press helps. */
  readonly children?: React.ReactNode;
};

/** One caution, by its weight. */
export function Caution({ of: { level, text }, children }: Props) {
  const { icon: Icon, style } = LOOK[level];
  return (
    <li className={`flex gap-2 border-l-4 py-0.5 pl-2.5 text-sm leading-snug ${style}`}>
      <Icon aria-hidden className="mt-0.5 size-4 shrink-0" />
      <span>
        {textOf(text)}
        {children}
      </span>
    </li>
  );
}
