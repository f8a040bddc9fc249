import { act, byClock, endsBy, type Act } from './act.ts';

/**
 * What is done with the filled jars: the canner and its minutes, null as printed in a named
 * formula; or none, for the fridge.
 */
export type JarWork = {
  readonly method: 'boiling-water' | 'steam' | 'none';
  readonly minutes: number | null;
};

/** Jars rest in the canner with the lid off; common practice. */
export const REST_MIN = 5;
/** Least time that jars cool untouched; common practice. */
export const COOL_MIN = 12 * 60;

/** The acts at the jars and after. */
export function jarActs({ method, minutes }: JarWork): readonly Act[] {
  const jars = (id: Act['id'], rest: Partial<Act> = {}) => act({ id, phase: 'jars', ...rest });
  const after = (id: Act['id'], rest: Partial<Act> = {}) => act({ id, phase: 'after', ...rest });
  const fill = jars('fill', { ends: endsBy('ready'), mustEnd: true });
  if (method === 'none')
    return [fill, jars('chill', { hands: 'none', holds: 'fridge' }), after('label')];
  const canner = { holds: 'canner' } as const;
  return [
    fill,
    jars('load', canner),
    jars('heat-canner', { ...canner, takes: { by: 'sign', minutes: null }, hands: 'none' }),
    jars('process', { ...canner, takes: byClock(minutes), hands: 'now and then' }),
    jars('rest', { ...canner, takes: byClock(REST_MIN), hands: 'none' }),
    jars('out'),
    after('cool', { takes: byClock(COOL_MIN), hands: 'none', mayWaitMin: COOL_MIN }),
    after('press-lids'),
    after('label'),
    after('shelf'),
  ];
}
