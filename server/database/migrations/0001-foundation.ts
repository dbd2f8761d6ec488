import type { QueryInterface } from 'sequelize';

/** Every table carries shop_id and every key includes it, so that shops can be spread over databases. */
const UP = `
CREATE TABLE instance (
  only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
  id uuid NOT NULL DEFAULT gen_random_uuid(),
  cookie_secret text NOT NULL
);

CREATE TABLE shops (
  shop_id uuid PRIMARY KEY,
  slug text NOT NULL UNIQUE CHECK (slug ~ '^[a-z0-9-]{2,40}$'),
  name text NOT NULL,
  place text NOT NULL,
  time_zone text NOT NULL
);

CREATE TABLE members (
  shop_id uuid NOT NULL REFERENCES shops,
  member_id uuid NOT NULL,
  name text NOT NULL,
  initials text NOT NULL,
  role text NOT NULL CHECK (role IN ('mechanic', 'inspector', 'lead', 'viewer')),
  secret_kind text NOT NULL CHECK (secret_kind IN ('pin', 'passphrase')),
  secret_hash text NOT NULL,
  PRIMARY KEY (shop_id, member_id)
);

CREATE TABLE devices (
  shop_id uuid NOT NULL REFERENCES shops,
  device_id uuid NOT NULL,
  enrolled_at timestamptz NOT NULL,
  PRIMARY KEY (shop_id, device_id)
);

CREATE TABLE sheets (
  shop_id uuid NOT NULL REFERENCES shops,
  sheet_id text NOT NULL,
  revision integer NOT NULL CHECK (revision > 0),
  hash text NOT NULL,
  document jsonb NOT NULL,
  PRIMARY KEY (shop_id, sheet_id, revision)
);

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

CREATE TABLE streams (
  shop_id uuid NOT NULL REFERENCES shops,
  stream_kind text NOT NULL CHECK (stream_kind IN ('job', 'engine', 'tool')),
  stream_id uuid NOT NULL,
  head_seq integer NOT NULL CHECK (head_seq >= 0),
  head_hash text NOT NULL,
  PRIMARY KEY (shop_id, stream_kind, stream_id)
);

CREATE TABLE events (
  shop_id uuid NOT NULL,
  stream_kind text NOT NULL,
  stream_id uuid NOT NULL,
  seq integer NOT NULL CHECK (seq > 0),
  act_id uuid NOT NULL,
  event jsonb NOT NULL,
  PRIMARY KEY (shop_id, stream_kind, stream_id, seq),
  UNIQUE (shop_id, act_id),
  FOREIGN KEY (shop_id, stream_kind, stream_id) REFERENCES streams
);

CREATE FUNCTION events_are_kept() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'events are never changed or removed';
END $$;
CREATE TRIGGER events_keep_rows BEFORE UPDATE OR DELETE ON events
  FOR EACH ROW EXECUTE FUNCTION events_are_kept();
CREATE TRIGGER events_keep_table BEFORE TRUNCATE ON events
  FOR EACH STATEMENT EXECUTE FUNCTION events_are_kept();

CREATE TABLE http_sessions (
  sid varchar PRIMARY KEY,
  sess json NOT NULL,
  expire timestamp(6) NOT NULL
);
CREATE INDEX http_sessions_expire ON http_sessions (expire);

CREATE TABLE sign_in_attempts (
  key varchar(255) PRIMARY KEY,
  points integer NOT NULL DEFAULT 0,
  expire bigint
);
`;

const DOWN = `
DROP TABLE sign_in_attempts, http_sessions, events, streams, wrenches, sheets, devices, members, shops, instance;
DROP FUNCTION events_are_kept();
`;

export async function up({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(UP);
}

export async function down({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(DOWN);
}
