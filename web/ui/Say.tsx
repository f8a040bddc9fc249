import { say, type MessageId } from '@idle-kettle/words';
import { Fragment, type ReactNode } from 'react';

type Props = {
  readonly id: MessageId;
  /** What stands at the placeholders: text, or parts of the page. */
  readonly values: { readonly [name: string]: ReactNode };
};

/** Around a placeholder, in a text that cannot hold it otherwise. */
const MARK = '\u0000';

/**
 * A message with parts of the page in it, such as a figure in bold or a link, wherever its language
 * puts them.
 */
export function Say({ id, values }: Props) {
  const marked = Object.fromEntries(
    Object.keys(values).map((name) => [name, `${MARK}${name}${MARK}`]),
  );
  // Each odd part is the name of a placeholder.
  const parts = (say as (id: MessageId, values: object) => string)(id, marked).split(MARK);
  return parts.map((part, index) => (
    <Fragment key={index}>{index % 2 === 0 ? part : values[part]}</Fragment>
  ));
}
