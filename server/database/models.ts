import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { JobEvent } from '@cardinex/core/job/act';
import type { Role } from '@cardinex/core/job/roles';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';

type Row<M extends Model> = InferAttributes<M>;
type NewRow<M extends Model> = InferCreationAttributes<M>;

export class Instance extends Model<Row<Instance>, NewRow<Instance>> {
  declare onlyOne: CreationOptional<boolean>;
  declare id: CreationOptional<string>;
  declare cookieSecret: string;
}

export class Shop extends Model<Row<Shop>, NewRow<Shop>> {
  declare shopId: string;
  declare slug: string;
  declare name: string;
  declare place: string;
  declare timeZone: string;
}

export class Member extends Model<Row<Member>, NewRow<Member>> {
  declare shopId: string;
  declare memberId: string;
  declare name: string;
  declare initials: string;
  declare role: Role;
  declare secretKind: 'pin' | 'passphrase';
  declare secretHash: string;
}

export class Device extends Model<Row<Device>, NewRow<Device>> {
  declare shopId: string;
  declare deviceId: string;
  declare enrolledAt: Date;
}

/** What a device shows that it is itself; only the hash is here. */
export class DeviceSecret extends Model<Row<DeviceSecret>, NewRow<DeviceSecret>> {
  declare secretHash: string;
  declare shopId: string;
  declare deviceId: string;
  declare issuedAt: Date;
  /** When a newer one was given out for it. */
  declare replacedAt: CreationOptional<Date | null>;
}

/** That a member proved themselves on a device, and when last. */
export class Proof extends Model<Row<Proof>, NewRow<Proof>> {
  declare shopId: string;
  declare deviceId: string;
  declare memberId: string;
  declare provedAt: Date;
}

export class Sheet extends Model<Row<Sheet>, NewRow<Sheet>> {
  declare shopId: string;
  declare sheetId: string;
  declare revision: number;
  declare hash: string;
  declare document: EngineSheet;
  declare publishedAt: Date;
  /** Null for what came with the demo. */
  declare publishedBy: string | null;
}

export type StreamKind = 'job' | 'engine' | 'tool';

class Stream extends Model<Row<Stream>, NewRow<Stream>> {
  declare shopId: string;
  declare streamKind: StreamKind;
  declare streamId: string;
  declare headSeq: number;
  declare headHash: string;
  declare begunAt: Date;
  /** The head at which a job was last found finished: it is, as long as this is its head. */
  declare finishedSeq: CreationOptional<number | null>;
}

export class EventRow extends Model<Row<EventRow>, NewRow<EventRow>> {
  declare shopId: string;
  declare streamKind: StreamKind;
  declare streamId: string;
  declare seq: number;
  declare actId: string;
  declare event: JobEvent;
}

export class PhotographRow extends Model<Row<PhotographRow>, NewRow<PhotographRow>> {
  declare shopId: string;
  declare jobId: string;
  declare photographId: string;
  /** Of the picture as its device sent it, as the log tells it. */
  declare sentSha256: string;
  declare width: number;
  declare height: number;
  declare picture: Buffer;
  declare small: Buffer;
  declare receivedAt: Date;
}

// A fresh description for every column: Sequelize writes into what it is given.
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const uuid = () => ({ type: DataTypes.UUID, allowNull: false });
const key = () => ({ type: DataTypes.UUID, primaryKey: true });
const textKey = () => ({ type: DataTypes.TEXT, primaryKey: true });
const integer = () => ({ type: DataTypes.INTEGER, allowNull: false });
const integerKey = () => ({ type: DataTypes.INTEGER, primaryKey: true });
const date = () => ({ type: DataTypes.DATE, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });

/** The connection the models are bound to. */
export function boundDatabase(): Sequelize {
  const { sequelize } = Stream;
  if (!sequelize) throw new Error('models are bound to no database');
  return sequelize;
}

/** Binds the models to a connection. Tables are made by the migrations, never from here. */
export function defineModels(sequelize: Sequelize): void {
  const table = (tableName: string) => ({
    sequelize,
    tableName,
    underscored: true,
    timestamps: false,
  });
  Instance.init(
    {
      onlyOne: { type: DataTypes.BOOLEAN, primaryKey: true, defaultValue: true },
      id: { type: DataTypes.UUID, defaultValue: DataTypes.UUIDV4 },
      cookieSecret: text(),
    },
    table('instance'),
  );
  Shop.init(
    { shopId: key(), slug: text(), name: text(), place: text(), timeZone: text() },
    table('shops'),
  );
  Member.init(
    {
      shopId: key(),
      memberId: key(),
      name: text(),
      initials: text(),
      role: text(),
      secretKind: text(),
      secretHash: text(),
    },
    table('members'),
  );
  Device.init({ shopId: key(), deviceId: key(), enrolledAt: date() }, table('devices'));
  DeviceSecret.init(
    {
      secretHash: textKey(),
      shopId: uuid(),
      deviceId: uuid(),
      issuedAt: date(),
      replacedAt: { type: DataTypes.DATE },
    },
    table('device_secrets'),
  );
  Proof.init(
    { shopId: key(), deviceId: key(), memberId: key(), provedAt: date() },
    table('proofs'),
  );
  Sheet.init(
    {
      shopId: key(),
      sheetId: textKey(),
      revision: integerKey(),
      hash: text(),
      document: json(),
      publishedAt: date(),
      publishedBy: { type: DataTypes.UUID },
    },
    table('sheets'),
  );
  PhotographRow.init(
    {
      shopId: key(),
      jobId: key(),
      photographId: key(),
      sentSha256: text(),
      width: integer(),
      height: integer(),
      picture: { type: DataTypes.BLOB, allowNull: false },
      small: { type: DataTypes.BLOB, allowNull: false },
      receivedAt: date(),
    },
    table('photographs'),
  );
  Stream.init(
    {
      shopId: key(),
      streamKind: textKey(),
      streamId: key(),
      headSeq: integer(),
      headHash: text(),
      begunAt: date(),
      finishedSeq: { type: DataTypes.INTEGER },
    },
    table('streams'),
  );
  EventRow.init(
    {
      shopId: key(),
      streamKind: textKey(),
      streamId: key(),
      seq: integerKey(),
      actId: uuid(),
      event: json(),
    },
    table('events'),
  );
}
