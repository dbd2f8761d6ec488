import type pg from 'pg';
import { boundDatabase } from './models';

/** A statement that is asked at every act. */
export interface Statement {
  /** Its own among all of them: by it a connection knows that it has planned it before. */
  readonly name: string;
  readonly text: string;
}

/**
 * Asks a statement that each connection plans once, over Sequelize's own connections: what Sequelize
 * does around a query, and planning it anew, cost more than the query.
 * @returns its rows
 * @throws what the driver throws; see `trouble.ts`
 */
export async function askPrepared<Row extends object>(
  { name, text }: Statement,
  values: readonly unknown[],
): Promise<readonly Row[]> {
  const { connectionManager } = boundDatabase();
  const connection = (await connectionManager.getConnection({ type: 'write' })) as pg.Client;
  try {
    const { rows } = await connection.query<Row>({ name, text, values: [...values] });
    return rows;
  } finally {
    connectionManager.releaseConnection(connection);
  }
}
