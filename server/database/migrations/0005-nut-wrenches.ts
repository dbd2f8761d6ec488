import type { QueryInterface } from 'sequelize';

/** A wrench found off names the lock nuts pulled with it too: found without reading every event. */
const UP = `
CREATE INDEX events_by_nut_wrench ON events (shop_id, (event #>> '{data,nut,wrench}'))
  WHERE stream_kind = 'job' AND event #>> '{data,nut,wrench}' IS NOT NULL;
`;

const DOWN = `
DROP INDEX events_by_nut_wrench;
`;

export async function up({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(UP);
}

export async function down({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(DOWN);
}
