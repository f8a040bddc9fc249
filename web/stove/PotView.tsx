import type { PotSight } from '@idle-kettle/contract';

const SURFACE: { readonly [surface in PotSight['surface']]: string } = {
  still: 'The surface is still.',
  steaming: 'It steams.',
  bubbling: 'It bubbles; stirring stops it.',
  rolling: 'It rolls, and stirring does not stop it.',
};

/** What would be seen and felt at the pot of a practice cook. */
export const PotView = ({ sight }: { sight: PotSight }) => (
  <p className="text-lg" data-testid="pot-view" data-surface={sight.surface} data-grit={sight.grit}>
    <b>At the pot:</b> {SURFACE[sight.surface]} {sight.grit ? 'The spoon feels gritty.' : ''}
  </p>
);
