import { say, type PlainMessageId } from '@idle-kettle/words';
import type { PotSight } from '@idle-kettle/contract';

const SURFACE: { readonly [surface in PotSight['surface']]: PlainMessageId } = {
  still: 'stove.theSurfaceIsStill',
  steaming: 'stove.itSteams',
  bubbling: 'stove.itBubblesStirringStopsIt',
  rolling: 'stove.itsAtARollingBoil',
};

/** What would be seen and felt at the pot of a practice cook. */
export const PotView = ({ sight }: { sight: PotSight }) => (
  <p className="text-lg" data-testid="pot-view" data-surface={sight.surface} data-grit={sight.grit}>
    <b>{say('stove.inThePot')}</b> {say(SURFACE[sight.surface])}{' '}
    {sight.grit ? say('stove.theSpoonFeelsGritty') : ''}
  </p>
);
