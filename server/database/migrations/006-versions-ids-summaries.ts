import { randomUUID } from 'node:crypto';
import { DataTypes, literal, QueryTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

type Thing = { readonly id?: string; readonly name: string };
type Row = { readonly id: string } & { readonly [list in (typeof LISTS)[number]]: Thing[] };

/** Lists of what a kitchen owns. */
const LISTS = ['pots', 'burners', 'jars'] as const;

/**
 * The kitchen counts its changes, and knows at which each field was changed last; what it owns has
 * ids, and no two of a list one name. A batch keeps what its label shows, so that a list of them
 * need not read their plans; a plan is worked out after its batch is saved.
 */
export const versionsIdsSummaries: RunnableMigration<QueryInterface> = {
  name: '006-versions-ids-summaries',
  up: async ({ context: tables }) => {
    await tables.addColumn('kitchens', 'version', {
      type: DataTypes.INTEGER,
      allowNull: false,
      defaultValue: 1,
    });
    await tables.addColumn('kitchens', 'changed_at', {
      type: DataTypes.JSONB,
      allowNull: false,
      defaultValue: literal(`'{}'::jsonb`),
    });
    await tables.addColumn('batches', 'summary', { type: DataTypes.JSONB });
    await tables.changeColumn('batches', 'plan', { type: DataTypes.JSONB, allowNull: true });
    // Plans of earlier versions say less than those of this one: they are worked out anew when
    // somebody asks for them.
    await tables.sequelize.query('UPDATE batches SET plan = NULL');
    const rows = await tables.sequelize.query<Row>('SELECT id, pots, burners, jars FROM kitchens', {
      type: QueryTypes.SELECT,
    });
    for (const row of rows) {
      for (const list of LISTS) {
        await tables.sequelize.query(`UPDATE kitchens SET ${list} = $1::jsonb WHERE id = $2`, {
          bind: [JSON.stringify(toldApart(row[list])), row.id],
        });
      }
    }
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('batches', 'summary');
    await tables.removeColumn('kitchens', 'changed_at');
    await tables.removeColumn('kitchens', 'version');
  },
};

/** The same things, each with an id, the second of a name called `wide pot (2)`. */
function toldApart(things: readonly Thing[]): Thing[] {
  const seen = new Map<string, number>();
  return things.map((thing) => {
    const key = thing.name.trim().replace(/\s+/g, ' ').toLowerCase();
    const count = (seen.get(key) ?? 0) + 1;
    seen.set(key, count);
    const name = count === 1 ? thing.name : `${thing.name} (${count})`;
    return { ...thing, id: thing.id ?? randomUUID(), name };
  });
}
