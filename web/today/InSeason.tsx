import { say } from '@idle-kettle/words';
import type { TodayAnswer } from '@idle-kettle/contract/season';
import { FruitDrawing } from '../drawings/FruitDrawing.tsx';
import { shapeOfFruit } from '../drawings/shapeOfFruit.ts';

/** What is ripe this month, drawn. */
export const InSeason = ({ fruit }: { readonly fruit: TodayAnswer['inSeason'] }) => (
  <section aria-label={say('today.inSeason')}>
    <h2 className="text-xl font-bold text-primary">{say('today.inSeason')}</h2>
    {fruit.length === 0 ? (
      <p className="opacity-80">{say('today.nothingInSeason')}</p>
    ) : (
      <ul className="flex flex-wrap gap-x-4 gap-y-1">
        {fruit.map(({ fruit: id, name, colour }) => (
          <li
            key={id}
            className="flex w-16 flex-col items-center text-center text-sm leading-tight"
          >
            <span className="w-10">
              <FruitDrawing shape={shapeOfFruit(id)} colour={colour} />
            </span>
            {name}
          </li>
        ))}
      </ul>
    )}
  </section>
);
