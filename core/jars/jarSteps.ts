import { message, type Text } from '@idle-kettle/words/message';
import type { Entry } from '../stove/index.ts';
import type { JarBook } from './jarBook.ts';
import { COOL_MS, REPROCESS_WITHIN_MS, type Jar } from './jarState.ts';
import { JAR_TRANSITIONS, type JarState, type JarStep } from './jarTransitions.ts';

/** Something becomes of jars: by the table, or it is told. */
export function ofJars(book: JarBook, event: Entry, step: JarStep): void {
  for (const [, jar] of book.namedIn(event)) {
    if (jar === undefined) {
      book.tell(event, message('jars.thatJarWasNeverFilled'));
      continue;
    }
    const to = JAR_TRANSITIONS[jar.state][step];
    if (to === undefined && AGAIN[step] === jar.state) {
      // Said again, it stays said; a lid that was pressed too soon is pressed for good.
      if (step === 'seal' && jar.pressedEarly && !isEarly(jar, event))
        book.change(jar, { pressedEarly: false });
    } else if (to === undefined) book.tell(event, refusalOf(jar, step));
    else if (step === 'new lid') withNewLid(book, jar, event, to);
    else {
      const pressedEarly = step === 'seal' && isEarly(jar, event);
      if (pressedEarly) book.tell(event, message('jars.pressedBeforeTheyCooled'));
      book.change(jar, { state: to, pressedEarly });
    }
  }
}

/** Whether a lid is pressed while its jar still cools. */
const isEarly = ({ outAtMs }: Jar, { at }: Entry): boolean =>
  outAtMs !== null && at - outAtMs < COOL_MS;

const AGAIN: { readonly [step in JarStep]?: JarState } = {
  seal: 'sealed',
  fail: 'unsealed',
  chill: 'fridge',
  freeze: 'freezer',
  break: 'broken',
  'new lid': 'closed',
};

function refusalOf({ state }: Jar, step: JarStep): Text {
  if (step === 'seal')
    return state === 'unsealed'
      ? message('jars.thatLidWasLooseUse')
      : message('jars.thatJarWasNotProcessed');
  return message('jars.thatJarIsSomewhereElse', { state });
}

function withNewLid(book: JarBook, jar: Jar, event: Entry, state: JarState): void {
  if (jar.outAtMs !== null && event.at - jar.outAtMs > REPROCESS_WITHIN_MS)
    book.tell(event, message('jars.itLeftTheCannerMore'));
  // It waits for the canner again, which starts cool with it.
  else book.change(jar, { state, lids: jar.lids + 1, outAtMs: null, hotAtMs: event.at });
}

/** What was seen of jars that is no fault of their seal. */
export function seen(book: JarBook, event: Entry, what: 'siphoned' | 'floating'): void {
  for (const [, jar] of book.namedIn(event)) {
    if (jar === undefined) book.tell(event, message('jars.thatJarWasNeverFilled'));
    else if (!jar.seen.includes(what)) book.change(jar, { seen: [...jar.seen, what] });
  }
}

/** What is sealed goes on the shelf; what is in the fridge or the freezer is where it is kept. */
export function storeJars(book: JarBook, event: Entry): void {
  if (!book.isAllAtRest()) {
    book.tell(event, message('jars.notEveryJarIsSealed'));
    return;
  }
  book.storedAtMs ??= event.at;
  for (const jar of book.sealed())
    book.change(jar, { state: JAR_TRANSITIONS.sealed.store ?? jar.state });
}
