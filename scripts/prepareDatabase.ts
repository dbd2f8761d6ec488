import { connectToFill, untilOnDisk } from '../server/database/connection';
import { bringUpToDate } from '../server/database/bringUpToDate';
import { defineModels } from '../server/database/models';
import { seedDemo } from '../server/seed';

/** A database as the server is given it: under the role it runs as, and under its owner's. */
export interface DatabaseAddresses {
  readonly DATABASE_URL: string;
  readonly DATABASE_OWNER_URL: string;
}

/** Brings a database up to date and, when it has no shop yet, fills it with the demo. */
export async function prepareDatabase(addresses: DatabaseAddresses): Promise<{ seeded: boolean }> {
  const owner = connectToFill(addresses.DATABASE_OWNER_URL);
  try {
    defineModels(owner);
    await bringUpToDate(owner, addresses.DATABASE_URL);
    const seeded = await seedDemo(new Date());
    await untilOnDisk(owner);
    return { seeded };
  } finally {
    await owner.close();
  }
}
