import { randomBytes } from 'node:crypto';
import type { Sequelize } from 'sequelize';
import { migrate } from './migrate';
import { Instance } from './models';
import { grantRights } from './roles';

/**
 * Makes a database ready for the server: its tables, its identity, and the rights of the role the
 * server runs as.
 * @param owner a connection of the tables' owner, with the models bound to it
 * @param serverUrl the address the server uses
 * @throws StartupError for a database of an older or newer build, which is left as it is
 */
export async function bringUpToDate(owner: Sequelize, serverUrl: string): Promise<void> {
  await migrate(owner);
  await Instance.findOrCreate({
    where: { onlyOne: true },
    defaults: { cookieSecret: randomBytes(32).toString('hex') },
  });
  const { username } = owner.config;
  const role = roleOf(serverUrl);
  if (role !== username) await grantRights(owner, role);
}

/** The role an address of a database signs in as. */
export function roleOf(databaseUrl: string): string {
  return decodeURIComponent(new URL(databaseUrl).username);
}
