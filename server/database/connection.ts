import pg from 'pg';
import { Sequelize } from 'sequelize';

/** Connections per process: enough for a busy shop, few enough for two servers on one database. */
const MOST_CONNECTIONS = 16;

/**
 * How long a connection, and a statement, may take. A database that is frozen neither answers nor
 * hangs up: without these, neither would the server.
 */
export const DATABASE_LIMITS = {
  connectionTimeoutMillis: 3000,
  query_timeout: 8000,
  statement_timeout: 7500,
  idle_in_transaction_session_timeout: 20_000,
  keepAlive: true,
} as const;

export function connect(databaseUrl: string): Sequelize {
  return new Sequelize(databaseUrl, {
    dialect: 'postgres',
    dialectModule: pg,
    dialectOptions: DATABASE_LIMITS,
    logging: false,
    pool: { max: MOST_CONNECTIONS, min: 1, acquire: 8000, idle: 10_000 },
  });
}

/**
 * A connection for the start only: making tables and filling them may take longer than an act may.
 * @param ownerUrl the address under the owner's role
 */
export function connectAsOwner(ownerUrl: string): Sequelize {
  return asOwner(ownerUrl, {});
}

/**
 * As the owner, to fill a new database: no commit waits for the disk, of which one with thousands of
 * small ones would do little else. What it wrote is safe once {@link untilOnDisk} has come back.
 */
export function connectToFill(ownerUrl: string): Sequelize {
  return asOwner(ownerUrl, { options: '-c synchronous_commit=off' });
}

/** One commit that does wait, and with it all that went before. */
export async function untilOnDisk(database: Sequelize): Promise<void> {
  await database.transaction(async (transaction) => {
    await database.query('SET LOCAL synchronous_commit TO on', { transaction });
    await database.query(`SELECT pg_logical_emit_message(true, 'cardinex', 'filled')`, {
      transaction,
    });
  });
}

function asOwner(ownerUrl: string, options: { readonly options?: string }): Sequelize {
  return new Sequelize(ownerUrl, {
    dialect: 'postgres',
    dialectModule: pg,
    dialectOptions: {
      connectionTimeoutMillis: DATABASE_LIMITS.connectionTimeoutMillis,
      ...options,
    },
    logging: false,
    pool: { max: 4, min: 0 },
  });
}
