import { canBeWorkedOut, findIngredient, type Plan, type Formula } from '@idle-kettle/core';

/**
 * Whether what is written is fruit that nothing sweetens yet, for which a formula can be worked
 * out.
 */
export function isBareFruit({ settings }: Formula, plan: Plan): boolean {
  const kinds = plan.lines.map(({ ingredient }) => findIngredient(ingredient ?? '')?.kind);
  return (
    (settings.before ?? null) === null &&
    canBeWorkedOut(settings.product ?? 'jam') &&
    plan.lines.every(({ understood }) => understood) &&
    kinds.some((kind) => kind === 'fruit' || kind === 'juice') &&
    !kinds.includes('sweetener')
  );
}
