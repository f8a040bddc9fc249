import type { QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** Tables, columns as they were and as they are, each table under its new name. */
const TABLES = [
  ['cards', 'recipes'],
  ['card_versions', 'recipe_versions'],
  ['cooks', 'cook_sessions'],
  ['cook_entries', 'cook_session_entries'],
] as const;
const COLUMNS = [
  ['batches', 'put_away_at', 'deleted_at'],
  ['recipes', 'put_away_at', 'deleted_at'],
  ['recipe_versions', 'card_id', 'recipe_id'],
  ['cook_sessions', 'put_away_at', 'stored_at'],
  ['cook_session_entries', 'cook_id', 'session_id'],
] as const;

/**
 * Recipes were cards, cook sessions were cooks; what was put away is deleted, or stored. Nothing in
 * a row changes.
 */
export const standardNames: RunnableMigration<QueryInterface> = {
  name: '012-standard-names',
  up: async ({ context: tables }) => {
    for (const [before, after] of TABLES) await tables.renameTable(before, after);
    for (const [table, before, after] of COLUMNS) await tables.renameColumn(table, before, after);
  },
  down: async ({ context: tables }) => {
    for (const [table, before, after] of COLUMNS) await tables.renameColumn(table, after, before);
    for (const [before, after] of TABLES) await tables.renameTable(after, before);
  },
};
