import type { QueryInterface } from 'sequelize';

/** Who published a revision, when, and what changed with it. Nothing published is changed or removed. */
const UP = `
ALTER TABLE sheets
  ADD COLUMN published_at timestamptz NOT NULL DEFAULT now(),
  ADD COLUMN published_by uuid,
  ADD FOREIGN KEY (shop_id, published_by) REFERENCES members;

CREATE FUNCTION sheets_are_kept() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'a published sheet is never changed or removed';
END $$;
CREATE TRIGGER sheets_keep_rows BEFORE UPDATE OR DELETE ON sheets
  FOR EACH ROW EXECUTE FUNCTION sheets_are_kept();
CREATE TRIGGER sheets_keep_table BEFORE TRUNCATE ON sheets
  FOR EACH STATEMENT EXECUTE FUNCTION sheets_are_kept();
`;

const DOWN = `
DROP TRIGGER sheets_keep_table ON sheets;
DROP TRIGGER sheets_keep_rows ON sheets;
DROP FUNCTION sheets_are_kept();
ALTER TABLE sheets DROP COLUMN published_by, DROP COLUMN published_at;
`;

export async function up({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(UP);
}

export async function down({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(DOWN);
}
