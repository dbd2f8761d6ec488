import { connect } from '../server/database/connection';
import { migrate } from '../server/database/migrate';
import { defineModels } from '../server/database/models';
import { ensureInstance, seedDemo } from '../server/seed';

/** Brings a database up to date and, when it has no shop yet, fills it with the demo. */
export async function prepareDatabase(url: string): Promise<{ seeded: boolean }> {
  const sequelize = connect(url);
  try {
    defineModels(sequelize);
    await migrate(sequelize);
    await ensureInstance();
    return { seeded: await seedDemo(sequelize, new Date()) };
  } finally {
    await sequelize.close();
  }
}
