/**
 * The units a cook writes, as multiples of the SI unit of their kind (kg, m³, m).
 * Mass and volume are the US customary and metric units; checked against Debian's `units`.
 */
export type UnitKind = 'mass' | 'volume' | 'length';

/** A unit, by the name that lines and settings use for it. */
export type UnitId =
  | 'mg'
  | 'g'
  | 'kg'
  | 'tonne'
  | 'oz'
  | 'lb'
  | 'mL'
  | 'dL'
  | 'L'
  | 'tsp'
  | 'tbsp'
  | 'fl oz'
  | 'cup'
  | 'pint'
  | 'quart'
  | 'gallon'
  | 'mm'
  | 'cm'
  | 'm'
  | 'in'
  | 'ft';

/** A unit, what it measures, and how much of the SI unit it is. */
export type Unit = { readonly id: UnitId; readonly kind: UnitKind; readonly si: number };

const US_GALLON_M3 = 3.785411784e-3;
const POUND_KG = 0.45359237;

const unit = (id: UnitId, kind: UnitKind, si: number): [UnitId, Unit] => [id, { id, kind, si }];

export const UNITS: ReadonlyMap<UnitId, Unit> = new Map([
  unit('mg', 'mass', 1e-6),
  unit('g', 'mass', 1e-3),
  unit('kg', 'mass', 1),
  unit('tonne', 'mass', 1000),
  unit('oz', 'mass', POUND_KG / 16),
  unit('lb', 'mass', POUND_KG),
  unit('mL', 'volume', 1e-6),
  unit('dL', 'volume', 1e-4),
  unit('L', 'volume', 1e-3),
  unit('tsp', 'volume', US_GALLON_M3 / 768),
  unit('tbsp', 'volume', US_GALLON_M3 / 256),
  unit('fl oz', 'volume', US_GALLON_M3 / 128),
  unit('cup', 'volume', US_GALLON_M3 / 16),
  unit('pint', 'volume', US_GALLON_M3 / 8),
  unit('quart', 'volume', US_GALLON_M3 / 4),
  unit('gallon', 'volume', US_GALLON_M3),
  unit('mm', 'length', 1e-3),
  unit('cm', 'length', 1e-2),
  unit('m', 'length', 1),
  unit('in', 'length', 0.0254),
  unit('ft', 'length', 0.3048),
]);

/** The unit of that id. Throws RangeError for an id that is not in the table. */
export function unitOf(id: UnitId): Unit {
  const found = UNITS.get(id);
  if (!found) throw new RangeError(`No such unit: ${id}`);
  return found;
}

/**
 * Converts a value between two units of one kind.
 * Throws RangeError when the kinds differ: grams and cups need an ingredient between them.
 * @throws RangeError where the units are of two kinds
 */
export function convert(value: number, from: UnitId, to: UnitId): number {
  const a = unitOf(from);
  const b = unitOf(to);
  if (a.kind !== b.kind) {
    throw new RangeError(`${from} is a ${a.kind} and ${to} is a ${b.kind}`);
  }
  return (value * a.si) / b.si;
}
