import { isOfTheJars, type JarEventKind } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import { closing, filled, measured } from './fillSteps.ts';
import { JarBook } from './jarBook.ts';
import type { JarPlan } from './jarPlan.ts';
import type { JarProgress } from './jarState.ts';
import { ofJars, storeJars, seen } from './jarSteps.ts';
import { loaded, ofLoad } from './loadSteps.ts';
import { heatAfter } from './potHeat.ts';

/**
 * Where the jars stand after what was done and stands, in order, and what was read by hand of the
 * pot: off the heat a probe may hang anywhere. Takes as long as the log names jars.
 */
export function jarProgressOf(jarPlan: JarPlan, events: readonly Entry[]): JarProgress {
  const book = new JarBook();
  for (const event of events) {
    if (isOfTheJars(event.kind)) after(jarPlan, book, event, event.kind);
    else atTheStove(jarPlan, book, event);
  }
  return book.progress();
}

/**
 * What was done at the stove. A pot that is heated again has back what was filled from it too cool,
 * or has cooled since, and is not in the canner yet.
 */
function atTheStove({ hot }: JarPlan, book: JarBook, event: Entry): void {
  if (hot === null) return;
  book.pot = heatAfter(book.pot, event, hot);
  if (event.kind === 'rolling') for (const jar of book.coolWaiting(event.at)) book.drop(jar);
}

/** The log is wrong: all that was filled was hot and stayed so, and the pot is. */
function wasHot({ hot }: JarPlan, book: JarBook, event: Entry): void {
  if (hot !== null) book.pot = heatAfter(book.pot, event, hot);
  for (const jar of book.waitingOrCool())
    book.change(jar, { cool: null, hotAtMs: Math.max(jar.hotAtMs, event.at) });
}

function after(jarPlan: JarPlan, book: JarBook, event: Entry, kind: JarEventKind): void {
  switch (kind) {
    case 'measured':
      return measured(jarPlan, book, event);
    case 'filled':
      return filled(jarPlan, book, event);
    case 'bubbled':
    case 'wiped':
    case 'lidded':
    case 'tight':
      return closing(book, event, kind);
    case 'loaded':
      return loaded(jarPlan, book, event);
    case 'canner-lit':
      return ofLoad(book, event, 'light');
    case 'canner-boils':
      return ofLoad(book, event, 'boil');
    case 'boil-lost':
      return ofLoad(book, event, 'lose');
    case 'water-in':
      return ofLoad(book, event, 'water');
    case 'canner-off':
      return ofLoad(book, event, 'off');
    case 'lifted-out':
      return ofLoad(book, event, 'lift');
    case 'sealed':
      return ofJars(book, event, 'seal');
    case 'unsealed':
      return ofJars(book, event, 'fail');
    case 'cracked':
      return ofJars(book, event, 'break');
    case 'new-lid':
      return ofJars(book, event, 'new lid');
    case 'to-fridge':
      return ofJars(book, event, 'chill');
    case 'to-freezer':
      return ofJars(book, event, 'freeze');
    case 'siphoned':
    case 'floating':
      return seen(book, event, kind);
    case 'labelled':
      book.labelled = true;
      return;
    case 'put-away':
      return storeJars(book, event);
    case 'was-hot':
      return wasHot(jarPlan, book, event);
  }
}
