import { massOf, sugarsG } from '../formula/index.ts';
import { FILLING_TEMP_C, volumeMl } from '../yield/index.ts';
import { HIGHEST_TABLED_FT } from '../process/index.ts';
import { convert } from '../quantity/index.ts';
import type { Caution, Plan } from './plan.ts';
import type { Worked } from './worked.ts';

/** A rolling sugar boil climbs three to four times its level (common practice). */
const FULL_ENOUGH = 1 / 3;
const TOO_FULL = 1 / 2;

/** Below this share of sugars in the raw batch, a long boil is very long indeed; common practice. */
const LITTLE_SUGAR_PCT = 25;

/** A batch that has lost more than this has been on the fire too long. */
const LITTLE_PECTIN_LEFT = 0.75;
const FEWEST_INVERTED = 0.2;
const MOST_INVERTED = 0.5;
/** Below this a high-methoxyl gel lets go of its water; common practice. */
const WEEPING_PH = 2.8;

const caution = (level: Caution['level'], code: string, text: string): Caution => ({
  code,
  level,
  text,
});

/** Every caution that belongs to this plan, the gravest first. */
export function cautionsFor(worked: Worked, plan: Pick<Plan, 'shelf' | 'lines'>): Caution[] {
  const rank = { stop: 0, warn: 1, note: 2 };
  return [
    ...lineCautions(plan),
    ...formulaCautions(worked),
    ...potCautions(worked),
    ...placeCautions(worked),
    ...alwaysTrue(plan),
  ].sort((a, b) => rank[a.level] - rank[b.level]);
}

const lineCautions = ({ lines }: Pick<Plan, 'lines'>): Caution[] =>
  lines
    .filter((line) => !line.understood)
    .map((line) =>
      caution(
        'warn',
        'line-not-understood',
        `“${line.text}” is left out of the sums. ${line.trouble ?? ''}`,
      ),
    );

function formulaCautions({ boil, understood, request }: Worked): Caution[] {
  if (understood.length === 0) return [];
  const found: Caution[] = [];
  const has = (kind: string) => understood.some((line) => line.ingredient.kind === kind);
  if (!has('fruit')) found.push(caution('warn', 'no-fruit', 'No fruit yet. A jam needs some.'));
  if (!has('sweetener')) {
    found.push(
      caution(
        'warn',
        'no-sugar',
        'No sugar yet. A long-boil jam sets on sugar, acid and pectin together.',
      ),
    );
  }
  if (boil === null) {
    if (has('sweetener')) {
      found.push(
        caution(
          'stop',
          'too-little-water',
          'There is too little water here to dissolve the sugar. Add fruit, or take sugar out.',
        ),
      );
    }
    return found;
  }
  const { start, finish, cook, forecast } = boil;
  if (cook.outcome !== 'reached') {
    found.push(
      caution(
        'stop',
        'burner-too-small',
        `This burner cannot bring so large a batch there in twelve hours. Cook it in smaller ones, or on a stronger flame.`,
      ),
    );
  }
  if (cook.outcome === 'reached' && cook.pectinLeft < LITTLE_PECTIN_LEFT) {
    found.push(
      caution(
        'warn',
        'long-boil-wears-pectin',
        `So long a boil leaves ${Math.round(100 * cook.pectinLeft)} % of the pectin’s power, and darkens the jam. Smaller batches set better.`,
      ),
    );
  }
  if (
    cook.outcome === 'reached' &&
    (cook.invertShare < FEWEST_INVERTED || cook.invertShare > MOST_INVERTED) &&
    sugarsG(start) > 0
  ) {
    found.push(
      caution(
        'note',
        'crystals',
        `About ${Math.round(100 * cook.invertShare)} % of the sugar inverts. Below 20 % sugar crystals may form in the jar, above 50 % glucose ones.`,
      ),
    );
  }
  if (forecast.pH && forecast.pH.finish.p50 < WEEPING_PH) {
    found.push(
      caution('note', 'weeping', `At pH ${forecast.pH.finish.p50.toFixed(1)} a gel may weep.`),
    );
  }
  if (finish.outcome === 'already past') {
    found.push(
      caution(
        'warn',
        'already-past-target',
        `More sugar than fruit can carry: the batch is past ${request.targetSolublesPct} % soluble solids before it boils, and may crystallise.`,
      ),
    );
  }
  if (finish.outcome === 'pieces too many') {
    found.push(
      caution(
        'warn',
        'target-unreachable',
        'There is so little sugar that the fruit would scorch before it reached the target. Add sugar.',
      ),
    );
  } else if (has('sweetener') && (100 * sugarsG(start)) / massOf(start) < LITTLE_SUGAR_PCT) {
    found.push(
      caution(
        'warn',
        'little-sugar',
        'Little sugar for a long boil: expect a long cook and few jars.',
      ),
    );
  }
  return found;
}

function potCautions({ boil, request: { pot } }: Worked): Caution[] {
  if (boil === null || pot === null) return [];
  const potMl = (Math.PI / 4) * pot.diameterCm ** 2 * pot.heightCm;
  const full = volumeMl(boil.start, FILLING_TEMP_C) / potMl;
  if (full <= FULL_ENOUGH) return [];
  const level = full > TOO_FULL ? 'stop' : 'warn';
  return [
    caution(
      level,
      'boil-over',
      `This fills ${Math.round(100 * full)} % of the pot, and a rolling sugar boil climbs three to four times its level. Use a larger pot or cook ${Math.ceil(full / FULL_ENOUGH)} smaller batches.`,
    ),
  ];
}

function placeCautions({ ambient }: Worked): Caution[] {
  const found: Caution[] = [];
  if (ambient.basis === 'assumed sea level') {
    found.push(
      caution(
        'warn',
        'altitude-assumed',
        'No altitude is set, so this is for sea level. Stop point and processing time both depend on it.',
      ),
    );
  }
  if (convert(ambient.processingAltitudeM, 'm', 'ft') > HIGHEST_TABLED_FT) {
    found.push(
      caution(
        'warn',
        'above-tables',
        'Above 10,000 ft no tested processing time is published. Keep jars in the fridge.',
      ),
    );
  }
  return found;
}

function alwaysTrue({ shelf }: Pick<Plan, 'shelf'>): Caution[] {
  return [
    caution(
      'note',
      'burns',
      'Boiling sugar burns deeply: keep children and pets away, and do not leave the pot.',
    ),
    ...(shelf.verdict === 'pantry'
      ? [
          caution(
            'note',
            'seal-is-not-proof',
            'A seal is not proof of safety. Jars not sealed after 24 hours go in the fridge.',
          ),
        ]
      : []),
    caution(
      'note',
      'local-guidance',
      'Times and verdicts follow published guidance from memory. Where your local extension service or food authority says otherwise, do as it says.',
    ),
  ];
}
