import { boilOverOf, drySolidsPct, scorchIndex, stirEveryMin } from '../boil/index.ts';
import { type Method, METHODS } from '../method/index.ts';
import { FILLING_TEMP_C, volumeMl } from '../yield/index.ts';
import type { Plan } from './plan.ts';
import { roundTo } from '../quantity/index.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

/** How the pot behaves: whether it climbs out, and how soon its base would scorch. */
export function potOf(
  { request: { pot }, heat }: Evaluation,
  { all, finish }: Boil,
  method: Method,
): NonNullable<Plan['pot']> {
  const baseM2 = (Math.PI / 4) * ((pot?.diameterCm ?? heat.panCm) / 100) ** 2;
  const scorchAt = (batch: Parameters<typeof drySolidsPct>[0]) =>
    scorchIndex(drySolidsPct(batch), heat.powerW / baseM2);
  const [start, end] = [scorchAt(all), scorchAt(finish.contents)];
  const whisked = METHODS[method].stopKind === 'egg';
  const full =
    pot === null
      ? null
      : boilOverOf(
          volumeMl(all, FILLING_TEMP_C),
          (Math.PI / 4) * pot.diameterCm ** 2 * pot.heightCm,
        );
  return {
    ...(full === null || whisked || heat.slow ? {} : { boilOver: rounded(full) }),
    // Where nothing boils hard nothing climbs, but it has to fit.
    ...(full !== null && heat.slow && full.fullShare > UNDER_A_LID
      ? { overfull: roundTo(full.fullShare, 3) }
      : {}),
    scorchIndex: { start: roundTo(start, 2), finish: roundTo(end, 2) },
    stirEveryMin: whisked
      ? { start: 0, finish: 0 }
      : { start: stirEveryMin(start), finish: stirEveryMin(end) },
  };
}

/** A slow cooker is filled no higher; common practice. */
const UNDER_A_LID = 0.75;

const rounded = (found: ReturnType<typeof boilOverOf>): ReturnType<typeof boilOverOf> => ({
  ...found,
  fullShare: roundTo(found.fullShare, 3),
  foamShare: roundTo(found.foamShare, 3),
});
