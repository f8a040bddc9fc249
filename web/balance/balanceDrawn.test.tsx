import { textOf } from '@idle-kettle/words';
import { type Kitchen } from '@idle-kettle/contract';
import {
  PRODUCT_IDS,
  PRODUCTS,
  type Plan,
  jarsOnHand,
  planInKitchen,
  type Formula,
} from '@idle-kettle/core';
import { REFUSED } from '../../core/test/refused.ts';
import { SHELF_FORMULAS } from '../../core/test/storageFormulas.ts';
import { Dipsticks } from '../drawings/Dipsticks.tsx';
import { GelMap } from '../drawings/GelMap.tsx';
import { JarRow } from '../drawings/JarRow.tsx';
import { html, nonsenseIn } from '../test/drawn.tsx';
import { DEFAULTS } from '../test/kitchen.ts';
import { Targets } from './Targets.tsx';
import { BatchLabel } from './BatchLabel.tsx';
import { Cautions } from './Cautions.tsx';
import { Diagnosis } from './Diagnosis.tsx';
import { LabelBack } from './LabelBack.tsx';
import { Measurements } from './Measurements.tsx';
import { SettingsBar } from './SettingsBar.tsx';
import { Export } from './Export.tsx';
import { some } from '../../core/test/runs.ts';

const nothing = () => undefined;
const noWay = () => null;

const METRIC: Kitchen = {
  ...DEFAULTS,
  altitudeM: null,
  units: 'metric',
  temperature: 'C',
  altitudeUnit: 'm',
  measures: 'metric',
  canner: 'steam',
  pots: [],
  burners: [],
  jars: [],
  prices: [],
};
const HIGH: Kitchen = { ...DEFAULTS, altitudeM: 2900, waterBoilsC: 90.4, school: 'ten-minute' };
const KITCHENS = { usual: DEFAULTS, metric: METRIC, high: HIGH } as const;

function planOf(formula: Formula, kitchen: Kitchen = DEFAULTS): Plan {
  const outcome = planInKitchen(formula, kitchen, 60);
  if (!outcome.ok) throw new Error(textOf(outcome.faults.map(({ message }) => message)));
  return outcome.plan;
}

const labelOf = (plan: Plan, kitchen: Kitchen) =>
  html(
    <BatchLabel
      plan={plan}
      kitchen={kitchen}
      fruit="#8a2331"
      title="Plum"
      stale={false}
      rough={false}
      batchId="a"
      stops={plan.cautions.filter(({ level }) => level === 'stop')}
      wayOn={noWay}
      onChange={nothing}
    />,
  );

/** Everything that Balance draws of a plan. */
function everythingOf(formula: Formula, kitchen: Kitchen): string[] {
  const plan = planOf(formula, kitchen);
  const bench = {
    name: 'Plum',
    formula,
    kitchen,
    plan,
    fruit: '#8a2331',
    onTake: nothing,
    onSet: nothing,
    onAsk: nothing,
    onBringIn: nothing,
  };
  return [
    labelOf(plan, kitchen),
    html(<LabelBack plan={plan} kitchen={kitchen} />),
    html(<Cautions cautions={plan.cautions} wayOn={noWay} />),
    plan.set ? html(<Diagnosis set={plan.set} onChange={nothing} />) : '',
    html(<Dipsticks plan={plan} fruit="#8a2331" onTurn={nothing} />),
    plan.yield
      ? html(<JarRow jars={plan.yield} sizes={jarsOnHand(kitchen)} fruit="#8a2331" />)
      : '',
    html(
      <SettingsBar
        settings={formula.settings}
        method={plan.method}
        stop={plan.stop.kind}
        solublesPct={Math.round(plan.finish?.solublesPct ?? 65)}
        kitchen={kitchen}
        onSet={nothing}
      />,
    ),
    ...(plan.finish
      ? [Targets, GelMap, Measurements, Export].map((Panel) => html(<Panel {...bench} />))
      : []),
  ];
}

/** One batch of every product, and what nobody would make. */
const ODD: readonly Formula[] = [
  { lines: [], settings: {} },
  { lines: ['1 kg sugar'], settings: {} },
  { lines: ['1 kg water'], settings: {} },
  { lines: ['0.01 g plums', '0.01 g sugar'], settings: {} },
  { lines: ['450 kg plums', '400 kg sugar'], settings: {} },
  { lines: ['1 kg plums', '1 g sugar'], settings: {} },
  { lines: ['1 g plums', '1 kg sugar'], settings: {} },
  { lines: ['3 blobs of zorp'], settings: {} },
  { lines: ['2 kg plums', '1.4 kg sugar', '3 blobs of zorp'], settings: {} },
  { lines: ['1 cup sugar', '2 cups lemon juice'], settings: {} },
  { lines: ['2 kg quinces', '1.4 kg honey', '1 L water'], settings: { targetSolublesPct: 78 } },
  { lines: ['2 kg quinces', '1.4 kg sugar'], settings: { targetSolublesPct: 20 } },
  ...PRODUCT_IDS.flatMap((product) =>
    [
      ['1 kg plums', '800 g sugar'],
      ['1 kg apples', '250 g sugar', '60 g butter', '4 eggs'],
    ].map((lines): Formula => ({ lines, settings: { product } })),
  ),
  ...PRODUCT_IDS.flatMap((product) =>
    PRODUCTS[product].methods.map((method): Formula => ({
      lines: [
        '1 kg crushed strawberries',
        '800 g sugar',
        '57 g powdered pectin',
        '60 mL lemon juice',
      ],
      settings: { product, method },
    })),
  ),
];

const WHOLE: readonly (readonly [name: string, Formula])[] = [
  ...some(some(SHELF_FORMULAS)).map(
    ([verdict, product, lines]) =>
      [`${verdict}: ${lines.join(', ')}`, { lines, settings: { product } }] as const,
  ),
  ...some(REFUSED).map(
    ({ name, lines, product = 'jam' }) => [name, { lines, settings: { product } }] as const,
  ),
  ...ODD.map((formula) => [JSON.stringify(formula), formula] as const),
];

describe('whatever is written, nothing on Balance is nonsense', () => {
  test.each(
    WHOLE.map(([name, formula], i) => [name, formula, Object.values(KITCHENS)[i % 3]!] as const),
  )('%s', (_, formula, kitchen) => {
    expect(everythingOf(formula, kitchen).flatMap(nonsenseIn)).toEqual([]);
  });
});
