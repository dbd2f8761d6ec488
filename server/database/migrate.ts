import { SequelizeStorage, Umzug } from 'umzug';
import type { QueryInterface, Sequelize } from 'sequelize';
import { requireGeneration } from './generation';
import * as foundation from './migrations/0001-foundation';

interface Migration {
  readonly up: (step: { context: QueryInterface }) => Promise<void>;
  readonly down: (step: { context: QueryInterface }) => Promise<void>;
}

const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '0001-foundation': foundation,
};

/**
 * Brings the database to this version's tables, one server at a time: an advisory lock keeps two
 * that start together from both migrating.
 * @throws StartupError for a database of an older or newer build, which is left as it is
 */
export async function migrate(sequelize: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: Object.entries(MIGRATIONS).map(([name, { up, down }]) => ({ name, up, down })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  await sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock(4700)', { transaction });
    await requireGeneration(sequelize, Object.keys(MIGRATIONS));
    await umzug.up();
  });
}
