import type { QueryInterface } from 'sequelize';

/** Pictures of jobs, kept for good beside the log that tells of them. */
const UP = `
CREATE TABLE photographs (
  shop_id uuid NOT NULL REFERENCES shops,
  job_id uuid NOT NULL,
  photograph_id uuid NOT NULL,
  sent_sha256 text NOT NULL CHECK (sent_sha256 ~ '^[0-9a-f]{64}$'),
  width integer NOT NULL CHECK (width > 0),
  height integer NOT NULL CHECK (height > 0),
  picture bytea NOT NULL CHECK (octet_length(picture) <= 3145728),
  small bytea NOT NULL CHECK (octet_length(small) <= 262144),
  received_at timestamptz NOT NULL,
  PRIMARY KEY (shop_id, job_id, photograph_id)
);
CREATE TRIGGER photographs_keep_rows BEFORE UPDATE OR DELETE ON photographs
  FOR EACH ROW EXECUTE FUNCTION events_are_kept();
CREATE TRIGGER photographs_keep_table BEFORE TRUNCATE ON photographs
  FOR EACH STATEMENT EXECUTE FUNCTION events_are_kept();
`;

const DOWN = `
DROP TABLE photographs;
`;

export async function up({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(UP);
}

export async function down({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(DOWN);
}
