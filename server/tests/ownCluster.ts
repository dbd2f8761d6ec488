import { opened } from '@cardinex/core/job/tests/story';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { lockside } from '@cardinex/demo/shops';
import { startPostgres, type Postgres } from '../../scripts/postgres';
import type { DatabaseAddresses } from '../../scripts/prepareDatabase';
import { scratchFolder } from '../../scripts/scratch';
import { bringUpToDate } from '../database/bringUpToDate';
import { connectAsOwner } from '../database/connection';
import { defineModels } from '../database/models';
import { seedShop } from '../seed';
import type { DeviceAt } from './copy';

/** A database cluster of a test's own, to be frozen and killed, with one shop and no jobs in it. */
export interface OwnCluster {
  readonly postgres: Postgres;
  readonly folder: string;
  readonly addresses: DatabaseAddresses;
}

export async function ownCluster(name: string): Promise<OwnCluster> {
  const folder = path.join(scratchFolder(name), 'data');
  const postgres = await startPostgres(folder, { passing: true });
  await postgres.createDatabase(name);
  const addresses = postgres.addresses(name);
  const owner = connectAsOwner(addresses.DATABASE_OWNER_URL);
  defineModels(owner);
  await bringUpToDate(owner, addresses.DATABASE_URL);
  await seedShop(lockside, new Date());
  await owner.close();
  return { postgres, folder, addresses };
}

/** What opens a job on the Tolvane whose liners come next. */
const OPENING = opened().end().acts;

/** How many events stand in the log of a job just opened. */
export const OPENED = OPENING.length;

/** Opens a job with liners to read. */
export async function openedJob(device: DeviceAt): Promise<string> {
  const jobId = randomUUID();
  const acts = OPENING.map(({ type, data }) => device.act(jobId, type, data as never));
  const { outcomes } = await device.send(jobId, ...acts);
  const refused = outcomes.find(({ status }) => status !== 'accepted');
  if (refused) throw new Error(JSON.stringify(refused));
  return jobId;
}

/** A liner read on a job: as often as one likes. */
export function linerRead(device: DeviceAt, jobId: string, more: object = {}) {
  const printed = { text: '0.06', unit: 'mm' as const };
  return device.act(jobId, 'liner.read', { bore: '4', place: 0, mm: 0.06, printed }, more);
}
