import { say, textOf, type PlainMessageId } from '@idle-kettle/words';
import { formatJarSize, formatLength, type Fault, type UnitSystem } from '@idle-kettle/core';

/** What the lists and fields of the contract are called in the form. */
const LISTS: Readonly<Record<string, PlainMessageId>> = {
  pots: 'kitchen.pot',
  burners: 'kitchen.burner',
  jars: 'kitchen.jarSize',
  stock: 'kitchen.item',
  packs: 'kitchen.pack',
  prices: 'kitchen.price',
};
const FIELDS: Readonly<Record<string, PlainMessageId>> = {
  diameterCm: 'kitchen.theWidth',
  heightCm: 'kitchen.theHeight',
  netPowerKw: 'kitchen.thePower',
  volumeMl: 'kitchen.theSize',
  count: 'kitchen.theCount',
  gift: 'kitchen.theGifts',
  lids: 'kitchen.theLids',
  inUse: 'kitchen.theFull',
  massG: 'kitchen.theAmount',
  packG: 'kitchen.thePackWeight',
  pectinG: 'kitchen.thePectin',
  boilMin: 'kitchen.theMinutes',
  minorPerKg: 'kitchen.thePrice',
  cannerHolds: 'kitchen.theJarsOnTheRack',
};

/**
 * A fault of the contract as the form would say it: `For pot 1, the height must be from 1⅛ in to 59 in.`
 * What the form has no words for stays as the contract has it.
 */
export function equipmentFault({ field, message }: Fault, units: UnitSystem): string {
  const [, list = '', index, key = list] = /^(\w+)(?:\[(\d+)\])?(?:\.(\w+))?/.exec(field) ?? [];
  const named = LISTS[list];
  const where =
    named === undefined || index === undefined
      ? ''
      : say('kitchen.numbered', { what: say(named), number: Number(index) + 1 });
  const what = FIELDS[key];
  return `${where}${what === undefined || typeof message === 'string' ? textOf(message) : bounded(say(what), key, message.values, units)}`;
}

type Bounds = { readonly low?: unknown; readonly high?: unknown };

function bounded(what: string, key: string, { low, high }: Bounds, units: UnitSystem): string {
  if (
    key === 'minorPerKg' ||
    key === 'massG' ||
    typeof low !== 'number' ||
    typeof high !== 'number'
  )
    return say('kitchen.cantBeRead', { what });
  const shown = shownAs(key, units);
  return say('kitchen.mustBeFromTo', { what, low: shown(low), high: shown(high) });
}

/** A bound of a field in the unit that it is typed in. */
function shownAs(key: string, units: UnitSystem): (value: number) => string {
  if (key === 'diameterCm' || key === 'heightCm') return (cm) => formatLength(cm, units);
  if (key === 'volumeMl') return (mL) => formatJarSize(mL, units);
  return String;
}
