import { HIGHEST_TABLED_FT, isNamed, type StorageVerdict } from '../process/index.ts';
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
  readonly trouble?: string;
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
      warn('line-not-understood', `“${line.text}” is left out of the sums. ${line.trouble ?? ''}`),
    );

function potCautions({ pot }: CautionCase): Caution[] {
  const found: Caution[] = [];
  const { boilOver, stirEveryMin } = pot ?? {};
  if (boilOver && boilOver.risk !== 'fine') {
    const say = boilOver.risk === 'too full' ? stop : warn;
    found.push(
      say(
        'boil-over',
        `This fills ${Math.round(100 * boilOver.fullShare)} % of the pot, and a rolling sugar boil climbs three to four times its level. Use a larger pot or cook ${boilOver.pots} smaller batches.`,
      ),
    );
  }
  if (pot?.overfull !== undefined) {
    found.push(
      stop(
        'overfull',
        `This is ${Math.round(100 * pot.overfull)} % of what it holds: fill it to three quarters at most, and cook less at a time.`,
      ),
    );
  }
  if (stirEveryMin?.finish === 0 && boilOver) {
    found.push(
      note('scorch', 'Near the end it scorches in under a minute: stir without stopping.'),
    );
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
    : [
        note(
          'jars-left-out',
          `Not filled, because no time is published for a jar so large: ${left.join(', ')}.`,
        ),
      ];
}

function placeCautions({ ambient }: Evaluation): Caution[] {
  const found: Caution[] = [];
  if (ambient.basis === 'assumed sea level') {
    found.push(
      warn(
        'altitude-assumed',
        'No altitude is set, so this is for sea level. Stop point and processing time both depend on it.',
      ),
    );
  }
  if (convert(ambient.processingAltitudeM, 'm', 'ft') > HIGHEST_TABLED_FT) {
    found.push(
      warn(
        'above-tables',
        'Above 10,000 ft no tested processing time is published. Keep jars in the fridge.',
      ),
    );
  }
  return found;
}

/** A named formula is held to what it prints, and both its source and its minutes are asked for. */
function statementCautions({ request }: Evaluation, { verdict }: CautionCase): Caution[] {
  const { assurance } = request;
  if (assurance.testedFormula === null) return [];
  if (!isNamed(assurance)) {
    return [
      warn(
        'formula-not-named',
        `“${assurance.testedFormula}” names no tested formula. Give its name as it is printed, at least two words, and where.`,
      ),
    ];
  }
  return [
    ...(assurance.source === null
      ? [note('formula-source', 'Where is that formula printed? Name the leaflet, book or office.')]
      : []),
    ...(assurance.minutes === null && verdict === 'pantry'
      ? [
          warn(
            'formula-minutes',
            'How many minutes does that formula print? Until you say, process for the time printed in it.',
          ),
        ]
      : []),
  ];
}

function alwaysTrue({ choice }: Evaluation, { verdict }: CautionCase): Caution[] {
  return [
    choice.method === 'egg'
      ? note('burns', 'Hot curd burns: keep children and pets away, and do not leave the pan.')
      : note(
          'burns',
          'Boiling sugar burns deeply: keep children and pets away, and do not leave the pot.',
        ),
    ...(verdict === 'pantry'
      ? [
          note(
            'seal-is-not-proof',
            'A seal is not proof of safety. Jars not sealed after 24 hours go in the fridge.',
          ),
          note(
            'no-open-kettle',
            'Sealing by hot filling alone, by turning the jars over, in an oven or with wax is not safe for the shelf. Jars kept so belong in the fridge.',
          ),
        ]
      : []),
    note(
      'local-guidance',
      'Times and verdicts follow published guidance from memory. Where your local extension service or food authority says otherwise, do as it says.',
    ),
  ];
}
