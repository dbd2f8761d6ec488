import type { QueryInterface } from 'sequelize';

/** Tools are streams of acts like jobs; a table of wrenches that could be written over is no longer used. */
const UP = `
DROP TABLE wrenches;
CREATE INDEX events_by_wrench ON events (shop_id, (event #>> '{data,wrench}'))
  WHERE stream_kind = 'job' AND event #>> '{data,wrench}' IS NOT NULL;
`;

const DOWN = `
DROP INDEX events_by_wrench;
CREATE TABLE wrenches (
  shop_id uuid NOT NULL REFERENCES shops,
  wrench_id text NOT NULL,
  name text NOT NULL,
  square text NOT NULL,
  low_nm double precision NOT NULL CHECK (low_nm > 0),
  high_nm double precision NOT NULL CHECK (high_nm > low_nm),
  length_mm double precision NOT NULL CHECK (length_mm > 0),
  PRIMARY KEY (shop_id, wrench_id)
);
`;

export async function up({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(UP);
}

export async function down({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(DOWN);
}
