import type { QueryInterface } from 'sequelize';
import { GENERATION } from '../generation';

/**
 * Every table carries shop_id and every key includes it, so that shops can be spread over databases.
 * Nothing has been released: until it is, this one migration is changed where a table has to be, and
 * the generation raised with it (see generation.ts).
 */
const UP = `
CREATE TABLE generation (
  only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
  number integer NOT NULL
);
INSERT INTO generation (number) VALUES (${GENERATION});

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

-- What a device shows that it is itself: only the hash is here.
CREATE TABLE device_secrets (
  secret_hash text PRIMARY KEY CHECK (secret_hash ~ '^[0-9a-f]{64}$'),
  shop_id uuid NOT NULL,
  device_id uuid NOT NULL,
  issued_at timestamptz NOT NULL,
  replaced_at timestamptz,
  FOREIGN KEY (shop_id, device_id) REFERENCES devices
);
CREATE INDEX device_secrets_of_device ON device_secrets (shop_id, device_id);

-- Who proved themselves on which device, and when: a row each, so that two at once are both there.
CREATE TABLE proofs (
  shop_id uuid NOT NULL,
  device_id uuid NOT NULL,
  member_id uuid NOT NULL,
  proved_at timestamptz NOT NULL,
  PRIMARY KEY (shop_id, device_id, member_id),
  FOREIGN KEY (shop_id, device_id) REFERENCES devices,
  FOREIGN KEY (shop_id, member_id) REFERENCES members
);

CREATE TABLE sheets (
  shop_id uuid NOT NULL REFERENCES shops,
  sheet_id text NOT NULL,
  revision integer NOT NULL CHECK (revision > 0),
  hash text NOT NULL,
  document jsonb NOT NULL,
  published_at timestamptz NOT NULL,
  published_by uuid,
  PRIMARY KEY (shop_id, sheet_id, revision),
  FOREIGN KEY (shop_id, published_by) REFERENCES members
);

CREATE TABLE streams (
  shop_id uuid NOT NULL REFERENCES shops,
  stream_kind text NOT NULL CHECK (stream_kind IN ('job', 'engine', 'tool')),
  stream_id uuid NOT NULL,
  head_seq integer NOT NULL CHECK (head_seq >= 0),
  head_hash text NOT NULL,
  begun_at timestamptz NOT NULL,
  -- The head at which a job was last found finished: it is, as long as this is its head.
  finished_seq integer,
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
-- A wrench found off names what was pulled with it without reading every event.
CREATE INDEX events_by_wrench ON events (shop_id, (event #>> '{data,wrench}'))
  WHERE stream_kind = 'job' AND event #>> '{data,wrench}' IS NOT NULL;
CREATE INDEX events_by_nut_wrench ON events (shop_id, (event #>> '{data,nut,wrench}'))
  WHERE stream_kind = 'job' AND event #>> '{data,nut,wrench}' IS NOT NULL;

-- Earlier jobs on the same engine are found without reading any other.
CREATE INDEX events_by_serial ON events (shop_id, (event #>> '{data,serial}'))
  WHERE stream_kind = 'job' AND event ->> 'type' = 'job.opened';

-- Pictures of jobs, beside the log that tells of them.
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

CREATE FUNCTION never_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'rows of % are never changed or removed', TG_TABLE_NAME;
END $$;
CREATE TRIGGER events_keep_rows BEFORE UPDATE OR DELETE ON events
  FOR EACH ROW EXECUTE FUNCTION never_changed();
CREATE TRIGGER events_keep_table BEFORE TRUNCATE ON events
  FOR EACH STATEMENT EXECUTE FUNCTION never_changed();
CREATE TRIGGER sheets_keep_rows BEFORE UPDATE OR DELETE ON sheets
  FOR EACH ROW EXECUTE FUNCTION never_changed();
CREATE TRIGGER sheets_keep_table BEFORE TRUNCATE ON sheets
  FOR EACH STATEMENT EXECUTE FUNCTION never_changed();
CREATE TRIGGER photographs_keep_rows BEFORE UPDATE OR DELETE ON photographs
  FOR EACH ROW EXECUTE FUNCTION never_changed();
CREATE TRIGGER photographs_keep_table BEFORE TRUNCATE ON photographs
  FOR EACH STATEMENT EXECUTE FUNCTION never_changed();

CREATE TABLE http_sessions (
  sid varchar PRIMARY KEY,
  sess json NOT NULL,
  expire timestamp(6) NOT NULL
);
CREATE INDEX http_sessions_expire ON http_sessions (expire);

-- What servers keep of these in memory they drop when a row has changed, on whichever server.
CREATE FUNCTION tell_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('row_changed', TG_TABLE_NAME);
  RETURN NULL;
END $$;
CREATE TRIGGER members_tell AFTER INSERT OR UPDATE OR DELETE ON members
  FOR EACH STATEMENT EXECUTE FUNCTION tell_change();
CREATE TRIGGER proofs_tell AFTER INSERT OR UPDATE OR DELETE ON proofs
  FOR EACH STATEMENT EXECUTE FUNCTION tell_change();
CREATE TRIGGER http_sessions_tell AFTER INSERT OR UPDATE OR DELETE ON http_sessions
  FOR EACH STATEMENT EXECUTE FUNCTION tell_change();

CREATE TABLE sign_in_attempts (
  key varchar(255) PRIMARY KEY,
  points integer NOT NULL DEFAULT 0,
  expire bigint
);
`;

const DOWN = `
DROP TABLE sign_in_attempts, http_sessions, photographs, events, streams, sheets, proofs, device_secrets,
  devices, members, shops, instance, generation;
DROP FUNCTION never_changed(), tell_change();
`;

export async function up({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(UP);
}

export async function down({ context }: { context: QueryInterface }): Promise<void> {
  await context.sequelize.query(DOWN);
}
