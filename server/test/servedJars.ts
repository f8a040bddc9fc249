import type { CookSession, Kitchen } from '@idle-kettle/contract';
import type { JarStory } from '@idle-kettle/contract/season';
import { JarLog } from '../../core/test/jarLog.ts';
import { body } from './servedApi.ts';
import { servedCooks } from './servedCooks.ts';

/** When the logs of these tests begin, ms. */
export const FROM = Date.now() - 60 * 60_000;

/** Jars that were filled, processed, sealed and stored. */
export const storedLog = (jars = '1.1-7'): JarLog =>
  new JarLog()
    .closed(0, jars)
    .processed(1, 1, jars, 10, 20)
    .at(36, 'sealed', jars)
    .at(37, 'labelled')
    .at(38, 'put-away');

/** Two servers of a kitchen with jars of two sizes, and cooks whose jars are stored. */
export function servedJars() {
  const served = servedCooks();
  const { api, cookOfBatch } = served;
  const kitchen = async (): Promise<Kitchen> =>
    body<Kitchen>(await api().get('/api/kitchen').expect(200));
  beforeAll(async () => {
    const { version } = await kitchen();
    await api()
      .patch('/api/kitchen')
      .send({
        version,
        changes: {
          altitudeM: 300,
          zone: 'Europe/London',
          jars: [
            { name: 'half-pint', volumeMl: 237, count: 400, lids: 400 },
            { name: 'quarter-pint', volumeMl: 118, count: 40 },
          ],
          shelves: [{ id: 'cellar', name: 'Cellar', kind: 'pantry' }],
        },
      })
      .expect(200);
  });
  return {
    ...served,
    kitchen,
    /** A cook with such a log, from an hour ago on. */
    stored: async (log = storedLog()): Promise<CookSession> => {
      const session = await cookOfBatch();
      const entries = log.entries.map((entry) => ({ ...entry, at: Math.round(FROM + entry.at) }));
      await api().post(`/api/cook-sessions/${session.id}/log`).send({ entries }).expect(200);
      return session;
    },
    jarsOf: async ({ id }: Pick<CookSession, 'id'>): Promise<JarStory[]> =>
      body<JarStory[]>(await api().get(`/api/cook-sessions/${id}/jars`).expect(200)),
  };
}
