import pg from 'pg';
import { Sequelize } from 'sequelize';

/** Connections per process: enough for a busy shop, few enough for two servers on one database. */
const MOST_CONNECTIONS = 16;

export function connect(databaseUrl: string): Sequelize {
  return new Sequelize(databaseUrl, {
    dialect: 'postgres',
    dialectModule: pg,
    logging: false,
    pool: { max: MOST_CONNECTIONS, min: 1, acquire: 20_000, idle: 10_000 },
  });
}
