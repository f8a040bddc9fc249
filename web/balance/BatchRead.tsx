import { say } from '@idle-kettle/words';
import type { Batch, Kitchen } from '@idle-kettle/contract';
import { fruitColourOf } from '../ui/fruit.ts';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { BatchLabel } from './BatchLabel.tsx';
import { Cautions } from './Cautions.tsx';
import { usePlan } from './usePlan.ts';

type Props = { readonly kitchen: Kitchen; readonly batch: Batch };

/** A batch as a viewer sees it: its lines, its label and the notes. */
export function BatchRead({ kitchen, batch }: Props) {
  const { name, lines, settings } = batch;
  const { plan, rough } = usePlan({ lines, settings }, kitchen);
  if (plan === null) return <Loading what={say('balance.theBatch')} />;
  return (
    <div className="grid items-start gap-5 md:grid-cols-2">
      <section className="flex flex-col gap-3">
        <PageHeading
          title={say('balance.balance', { finalName: name })}
          className="text-3xl font-bold text-primary"
        >
          {name}
        </PageHeading>
        <ul aria-label={say('balance.theIngredientLines')} className="text-lg">
          {lines.map((line, index) => (
            <li key={index}>{line}</li>
          ))}
        </ul>
        <Cautions cautions={plan.cautions} wayOn={noWayOn} />
      </section>
      <BatchLabel
        plan={plan}
        kitchen={kitchen}
        fruit={fruitColourOf(plan)}
        title={<p className="text-xl font-bold text-primary">{name}</p>}
        stale={false}
        rough={rough}
        batchId={batch.id}
        stops={plan.cautions.filter(({ level }) => level === 'stop')}
        wayOn={noWayOn}
        onChange={changesNothing}
      />
    </div>
  );
}

const noWayOn = () => null;
/** The ways to mend it are not offered here. */
const changesNothing = () => undefined;
