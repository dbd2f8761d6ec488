import { SequelizeStorage, Umzug } from 'umzug';
import type { QueryInterface, Sequelize } from 'sequelize';
import * as foundation from './migrations/0001-foundation';
import * as tools from './migrations/0003-tools';
import * as photographs from './migrations/0004-photographs';
import * as nutWrenches from './migrations/0005-nut-wrenches';
import * as publishedSheets from './migrations/0002-published-sheets';

export interface Migration {
  readonly up: (step: { context: QueryInterface }) => Promise<void>;
  readonly down: (step: { context: QueryInterface }) => Promise<void>;
}

const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '0001-foundation': foundation,
  '0002-published-sheets': publishedSheets,
  '0003-tools': tools,
  '0004-photographs': photographs,
  '0005-nut-wrenches': nutWrenches,
};

/**
 * Brings the database to this version's tables, one server at a time: an advisory lock keeps two
 * that start together from both migrating.
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
    await umzug.up();
  });
}
