import type { QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/**
 * Differences of temperature are named by kelvin: what a practice probe is off by, and its noise.
 */
export const differencesInKelvin: RunnableMigration<QueryInterface> = {
  name: '005-differences-in-kelvin',
  up: async ({ context: tables }) => {
    await tables.sequelize.query(renamed('offsetC', 'noiseC', 'offsetK', 'noiseK'));
  },
  down: async ({ context: tables }) => {
    await tables.sequelize.query(renamed('offsetK', 'noiseK', 'offsetC', 'noiseC'));
  },
};

const renamed = (offset: string, noise: string, newOffset: string, newNoise: string): string => `
  UPDATE cooks
  SET practice = jsonb_set(
    practice,
    '{probe}',
    (practice->'probe') - '${offset}' - '${noise}'
      || jsonb_build_object('${newOffset}', practice->'probe'->'${offset}', '${newNoise}', practice->'probe'->'${noise}')
  )
  WHERE practice->'probe' ? '${offset}'`;
