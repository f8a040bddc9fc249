import { type Text, message } from '@idle-kettle/words/message';
import {
  HIGHEST_TABLED_FT,
  isInItsJars,
  isNamed,
  isProcessed,
  type StorageVerdict,
} from '../process/index.ts';
import { convert } from '../quantity/index.ts';
import { type Caution, note, stop, warn } from './caution.ts';
import { pretreatmentCautions } from './cautionsOfPretreatment.ts';
import { formulaCautions } from './cautionsOfFormula.ts';
import { kindCautions } from './cautionsOfKind.ts';
import { isOfApples, jarsFilled, type Evaluation } from '../evaluate/index.ts';
import type { BoilOver } from '../boil/index.ts';

/** What cautions go by besides what was worked out. */
export type CautionCase = {
  readonly lines: readonly ToldLine[];
  readonly before?: { readonly lines: readonly ToldLine[] };
  readonly pot?: {
    readonly boilOver?: BoilOver;
    readonly overfull?: number;
    readonly stirEveryMin: { readonly finish: number };
  };
  readonly verdict: StorageVerdict['verdict'];
};

type ToldLine = {
  readonly text: string;
  readonly understood: boolean;
  readonly trouble?: Text;
};

/** Every caution that belongs to this plan, the gravest first. */
export function cautionsFor(worked: Evaluation, told: CautionCase): Caution[] {
  const rank = { stop: 0, warn: 1, note: 2 };
  return [
    ...lineCautions(told),
    ...pretreatmentCautions(worked),
    ...formulaCautions(worked),
    ...kindCautions(worked),
    ...potCautions(told),
    ...jarCautions(worked),
    ...placeCautions(worked),
    ...statementCautions(worked, told),
    ...alwaysTrue(worked, told),
  ].sort((a, b) => rank[a.level] - rank[b.level]);
}

const lineCautions = ({ before, lines }: CautionCase): Caution[] =>
  [...(before?.lines ?? []), ...lines]
    .filter((line) => !line.understood)
    .map((line) =>
      warn(
        'line-not-understood',
        message('advice.isntCounted', { text: line.text, value: line.trouble ?? '' }),
      ),
    );

function potCautions({ pot }: CautionCase): Caution[] {
  const found: Caution[] = [];
  const { boilOver, stirEveryMin } = pot ?? {};
  if (boilOver && boilOver.risk !== 'fine') {
    const say = boilOver.risk === 'too full' ? stop : warn;
    found.push(
      say(
        'boil-over',
        message('advice.thisFillsOfThePot', {
          round: Math.round(100 * boilOver.fullShare),
          pots: boilOver.pots,
        }),
      ),
    );
  }
  if (pot?.overfull !== undefined) {
    found.push(
      stop('overfull', message('advice.thisIsOfWhatIt', { round: Math.round(100 * pot.overfull) })),
    );
  }
  if (stirEveryMin?.finish === 0 && boilOver) {
    found.push(note('scorch', message('advice.nearTheEndItScorches')));
  }
  return found;
}

/** Jars on hand that stay empty, because no time is tabled for so large a jar. */
function jarCautions(worked: Evaluation): Caution[] {
  const { request } = worked;
  const filled = jarsFilled(request, isOfApples(worked));
  const left = request.jars
    .filter((jar) => jar.count !== 0 && !filled.includes(jar))
    .map(({ name }) => name);
  return left.length === 0
    ? []
    : [note('jars-left-out', message('advice.notFilledNoTimeIs', { left: left.join(', ') }))];
}

function placeCautions({ ambient }: Evaluation): Caution[] {
  const found: Caution[] = [];
  if (ambient.basis === 'assumed sea level') {
    found.push(warn('altitude-assumed', message('advice.setYourAltitudeInKitchen')));
  }
  if (convert(ambient.processingAltitudeM, 'm', 'ft') > HIGHEST_TABLED_FT) {
    found.push(warn('above-tables', message('advice.above10000FtThere')));
  }
  return found;
}

/** A named formula is held to what it prints, and both its source and its minutes are asked for. */
function statementCautions(worked: Evaluation, { verdict }: CautionCase): Caution[] {
  const { request } = worked;
  const { assurance } = request;
  if (assurance.testedFormula === null) return [];
  if (!isNamed(assurance)) {
    return [
      warn(
        'formula-not-named',
        message('advice.doesntNameATestedFormula', { testedFormula: assurance.testedFormula }),
      ),
    ];
  }
  return [
    ...(assurance.source === null
      ? [note('formula-source', message('advice.whereIsThatFormulaPrinted'))]
      : []),
    ...(assurance.minutes === null && verdict === 'by-source'
      ? [warn('formula-minutes', message('advice.howManyMinutesDoesThat'))]
      : []),
    ...(assurance.jarMl === null && verdict === 'by-source'
      ? [warn('formula-jars', message('advice.whichJarsDoesThatFormulaPrint'))]
      : []),
    ...(jarsFilled(request, isOfApples(worked)).every(({ volumeMl }) =>
      isInItsJars(assurance, volumeMl),
    )
      ? []
      : [warn('formula-jars', message('advice.yourJarsAreLarger'))]),
  ];
}

function alwaysTrue({ choice }: Evaluation, { verdict }: CautionCase): Caution[] {
  return [
    choice.method === 'egg'
      ? note('burns', message('advice.hotCurdBurnsKeepChildren'))
      : note('burns', message('advice.boilingSugarBurnsDeeplyKeep')),
    ...(isProcessed(verdict)
      ? [
          note('seal-is-not-proof', message('advice.aSealDoesntProveA')),
          note('no-open-kettle', message('advice.hotFillingAloneTurningJars')),
        ]
      : []),
    note('local-guidance', message('advice.timesAndVerdictsFollowPublished')),
  ];
}
