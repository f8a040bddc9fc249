import { message, type Text } from '@idle-kettle/words/message';
import { plainToInstance } from 'class-transformer';
import { getMetadataStorage, validateSync } from 'class-validator';
import { faultsOf } from './faults.ts';
import { KitchenDto } from './kitchen.ts';
import { VALIDATION } from './planRequest.ts';

/** The fields that a kitchen says of itself. */
const FIELDS: ReadonlySet<string> = new Set(
  getMetadataStorage()
    .getTargetValidationMetadatas(KitchenDto, '', false, false)
    .map(({ propertyName }) => propertyName),
);
/** What the server adds to them. */
const ADDED: ReadonlySet<string> = new Set(['id', 'version', 'setUp', 'knowledge']);

const isFigure = (value: unknown): boolean => {
  if (value === null) return true;
  if (typeof value !== 'object') return false;
  const { p10, p50, p90, batches } = value as { readonly [key: string]: unknown };
  const all = [p10, p50, p90, batches];
  return (
    all.every((one) => Number.isFinite(one)) &&
    (p10 as number) <= (p50 as number) &&
    (p50 as number) <= (p90 as number)
  );
};

/** Whether it is what a kitchen may know of itself. */
function isKnowledge(value: unknown): boolean {
  if (value === null || value === undefined) return true;
  if (typeof value !== 'object') return false;
  const { burners, thermometerOffsetK, yieldTimes, minutesTimes } = value as {
    readonly [key: string]: unknown;
  };
  const rises = (figure: unknown) =>
    isFigure(figure) && (figure === null || (figure as { readonly p10: number }).p10 > 0);
  return (
    isFigure(thermometerOffsetK) &&
    rises(yieldTimes) &&
    rises(minutesTimes) &&
    Array.isArray(burners) &&
    burners.every((burner: unknown) => {
      const { id, netPowerW } = (burner ?? {}) as { readonly [key: string]: unknown };
      return typeof id === 'string' && netPowerW !== null && rises(netPowerW);
    })
  );
}

/** What is wrong with a kitchen that a cook was begun in; null for nothing. */
export function kitchenFaults(value: unknown): Text | null {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return message('requests.object', { property: 'kitchen' });
  const said = Object.fromEntries(Object.entries(value).filter(([key]) => FIELDS.has(key)));
  const strange = Object.keys(value).find((key) => !FIELDS.has(key) && !ADDED.has(key));
  if (strange !== undefined) return message('requests.kitchenField', { field: strange, why: '' });
  if (!isKnowledge((value as { readonly knowledge?: unknown }).knowledge))
    return message('requests.kitchenField', { field: 'knowledge', why: '' });
  const faults = faultsOf(
    validateSync(plainToInstance(KitchenDto, { name: 'Kitchen', ...said }), VALIDATION),
  );
  const [fault] = faults;
  return fault === undefined
    ? null
    : message('requests.kitchenField', { field: fault.field, why: fault.message });
}
