import { message } from '@idle-kettle/words/message';
import { eitherVolume } from '../quantity/index.ts';
import { jarId } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import type { JarBook } from './jarBook.ts';
import type { JarPlan } from './jarPlan.ts';
import { CLOSING, LITTLE_SHORT, type Closing } from './jarState.ts';
import { JAR_TRANSITIONS } from './jarTransitions.ts';
import { notHotAt } from './potHeat.ts';

/** What is in the pot was measured. */
export function measured({ potMl }: JarPlan, book: JarBook, event: Entry): void {
  const mL = event.value ?? 0;
  if (potMl !== null && mL > potMl) {
    const figures = { pot: eitherVolume(potMl), said: eitherVolume(mL) };
    book.tell(event, message('jars.thePotHoldsMlTo', figures));
    return;
  }
  book.measuredMl = mL;
  book.measuredAtMs = event.at;
}

/** Jars are filled: each once, however often that is said. */
export function filled(jarPlan: JarPlan, book: JarBook, event: Entry): void {
  const cool = notHotAt(book.pot, event.at, jarPlan.hot);
  const sizes = new Set<number>();
  for (const [name, there] of book.namedIn(event)) {
    // Pressed on two devices, or twice: it is one jar.
    if (there !== undefined) continue;
    const size = jarPlan.sizes[name.size - 1];
    if (size === undefined) {
      book.tell(event, message('jars.thisKitchenHasNoSuch'));
      continue;
    }
    const holdsMl = Math.min(event.value ?? size.volumeMl, size.volumeMl);
    book.fill({
      id: jarId(name),
      size: name.size,
      number: name.number,
      state: 'filled',
      holdsMl,
      part: holdsMl < size.volumeMl * (1 - LITTLE_SHORT),
      filledAtMs: event.at,
      hotAtMs: event.at,
      done: [],
      lids: 0,
      load: null,
      outAtMs: null,
      pressedEarly: false,
      cool,
      seen: [],
    });
    sizes.add(name.size);
  }
  for (const place of sizes) {
    const { name, count: has } = jarPlan.sizes[place - 1] ?? { name: '', count: null };
    const count = book.countOf(place);
    if (has !== null && count > has)
      book.tell(event, message('jars.ofAreFilledButKitchen', { count, name, count2: has }));
  }
}

/**
 * A row of jars, all of one size that are filled and open, has a step of its closing done; without
 * a size, all of them.
 */
export function closing(book: JarBook, event: Entry, step: Closing): void {
  for (const jar of book.opened(event.text === null ? null : Number(event.text))) {
    if (jar.done.includes(step)) continue;
    const done = [...jar.done, step];
    const isClosed = CLOSING.every((each) => done.includes(each));
    book.change(jar, {
      done,
      lids: step === 'lidded' ? jar.lids + 1 : jar.lids,
      state: isClosed ? (JAR_TRANSITIONS.filled.close ?? jar.state) : jar.state,
    });
  }
}
