import type { Kitchen, KitchenDto } from '@idle-kettle/contract';

/** The time zone of this browser where the kitchen does not keep it yet; else no change. */
export function zoneHere({ zone }: Pick<Kitchen, 'zone'>): Pick<KitchenDto, 'zone'> {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  return timeZone === '' || timeZone === zone ? {} : { zone: timeZone };
}
