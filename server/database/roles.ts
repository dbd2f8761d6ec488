import { QueryTypes, type Sequelize } from 'sequelize';

/**
 * The roles of a database. Its owner makes the tables and is used at the start only. The server reads,
 * and adds what it may add: it can neither change what is never changed nor switch off the triggers
 * that see to it. Backups only read.
 */
export const SERVER_ROLE = 'cardinex_server';
export const BACKUP_ROLE = 'cardinex_backup';

type Right = 'INSERT' | 'UPDATE' | 'DELETE';

/** What the server may do to each table, besides reading it. */
const SERVER_RIGHTS: Readonly<Record<string, readonly Right[]>> = {
  generation: [],
  migrations: [],
  instance: [],
  shops: ['INSERT', 'UPDATE'],
  members: ['INSERT', 'UPDATE'],
  devices: ['INSERT', 'UPDATE'],
  device_secrets: ['INSERT', 'UPDATE', 'DELETE'],
  proofs: ['INSERT', 'UPDATE', 'DELETE'],
  sheets: ['INSERT'],
  streams: ['INSERT', 'UPDATE'],
  events: ['INSERT'],
  photographs: ['INSERT'],
  http_sessions: ['INSERT', 'UPDATE', 'DELETE'],
  sign_in_attempts: ['INSERT', 'UPDATE', 'DELETE'],
};

/** What is of use to nobody a minute later, or lets someone in, is not in a backup. */
const NOT_BACKED_UP: ReadonlySet<string> = new Set([
  'device_secrets',
  'http_sessions',
  'sign_in_attempts',
]);

/**
 * Gives the server's role, and the backup's where this cluster has one, their rights; run by the owner
 * after every migration, so that a new table is not forgotten: it is named above, or nobody may read it.
 * @param server the role the server signs in as
 */
export async function grantRights(owner: Sequelize, server: string): Promise<void> {
  const roles = await owner.query<{ rolname: string }>('SELECT rolname FROM pg_roles', {
    type: QueryTypes.SELECT,
  });
  const hasBackup = roles.some(({ rolname }) => rolname === BACKUP_ROLE);
  const quoted = `"${server.replaceAll('"', '""')}"`;
  const grants = Object.entries(SERVER_RIGHTS).flatMap(([table, rights]) => [
    `REVOKE ALL ON ${table} FROM ${quoted}`,
    `GRANT ${['SELECT', ...rights].join(', ')} ON ${table} TO ${quoted}`,
    ...(hasBackup && !NOT_BACKED_UP.has(table)
      ? [`GRANT SELECT ON ${table} TO ${BACKUP_ROLE}`]
      : []),
  ]);
  await owner.query(grants.join(';\n'));
}
