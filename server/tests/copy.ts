import { randomUUID } from 'node:crypto';
import pg from 'pg';
import type { Session } from '@cardinex/contract/session/session';
import type { Act, ActData, ActType, JobEvent } from '@cardinex/core/job/act';
import { crewMember, lockside, type DemoShop } from '@cardinex/demo/shops';
import {
  startServerProcess,
  stopServerProcess,
  type ServerProcess,
} from '../../scripts/serverProcess';
import type { DatabaseAddresses } from '../../scripts/prepareDatabase';
import { newDemoDatabase } from '../../scripts/testDatabase';

/** A whole server of its own, on its own database, with the demo shops in it. */
export class Copy {
  private constructor(
    readonly addresses: DatabaseAddresses,
    private server: ServerProcess,
    readonly database: pg.Client,
  ) {}

  static async start(): Promise<Copy> {
    const addresses = await newDemoDatabase();
    const database = new pg.Client({ connectionString: addresses.DATABASE_OWNER_URL });
    await database.connect();
    return new Copy(addresses, await serve(addresses), database);
  }

  get address(): string {
    return this.server.address;
  }

  async stop(): Promise<void> {
    await stopServerProcess(this.server);
    await this.database.end();
  }

  /** A second server process on the same database. */
  another(env: Record<string, string> = {}): Promise<ServerProcess> {
    return serve(this.addresses, env);
  }

  /** A device at which someone has signed in. */
  async device(initials = 'TR', shop: DemoShop = lockside): Promise<DeviceAt> {
    const device = new DeviceAt(this.address);
    await device.signIn(shop, initials);
    return device;
  }
}

function serve(
  addresses: DatabaseAddresses,
  env: Record<string, string> = {},
): Promise<ServerProcess> {
  return startServerProcess({ ...addresses, PORT: '0', LOG_LEVEL: 'error', ...env });
}

interface Answer {
  readonly status: number;
  readonly body: never;
}

/** A device as the server sees one: its cookies, and acts counted by stream. */
export class DeviceAt {
  private readonly cookies = new Map<string, string>();
  session: Session | null = null;
  private readonly counts = new Map<string, number>();

  constructor(readonly address: string) {}

  async signIn(shop: DemoShop, initials: string): Promise<Answer> {
    const member = crewMember(shop, initials);
    const answer = await this.post('/api/session', {
      shop: shop.slug,
      member: member.id,
      secret: member.secret,
    });
    this.session = answer.body;
    return answer;
  }

  get cookie(): string {
    return [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  /** The same device at another server on the same database, as it is just now. */
  at(address: string): DeviceAt {
    const device = new DeviceAt(address);
    this.cookies.forEach((value, name) => device.cookies.set(name, value));
    device.session = this.session;
    return device;
  }

  /** As when a session has ended by itself: what shows which device it is stays. */
  loseSession(): void {
    for (const name of this.cookies.keys()) if (!name.includes('device')) this.cookies.delete(name);
  }

  /** As when a browser has thrown away what shows which device it is, and not its session. */
  loseSecret(): void {
    for (const name of this.cookies.keys()) if (name.includes('device')) this.cookies.delete(name);
  }

  async get(path: string): Promise<Answer> {
    return this.read(await fetch(this.address + path, { headers: { cookie: this.cookie } }));
  }

  post(path: string, body: unknown): Promise<Answer> {
    return this.postRaw(path, JSON.stringify(body));
  }

  async postRaw(path: string, body: string, type = 'application/json'): Promise<Answer> {
    const headers = { cookie: this.cookie, 'content-type': type };
    return this.read(await fetch(this.address + path, { method: 'POST', headers, body }));
  }

  async delete(path: string): Promise<Answer> {
    const headers = { cookie: this.cookie };
    return this.read(await fetch(this.address + path, { method: 'DELETE', headers }));
  }

  async putBytes(path: string, bytes: Buffer, type: string): Promise<Answer> {
    const headers = { cookie: this.cookie, 'content-type': type };
    const body = new Uint8Array(bytes);
    return this.read(await fetch(this.address + path, { method: 'PUT', headers, body }));
  }

  async bytes(path: string): Promise<Buffer> {
    const answer = await fetch(this.address + path, { headers: { cookie: this.cookie } });
    return Buffer.from(await answer.arrayBuffer());
  }

  /** An act of this device, well formed; `more` overrides any part of it. */
  act<T extends ActType>(jobId: string, type: T, data: ActData[T], more: object = {}): Act {
    const count = (this.counts.get(jobId) ?? 0) + 1;
    this.counts.set(jobId, count);
    return {
      id: randomUUID(),
      v: 1,
      type,
      at: new Date().toISOString(),
      by: crewMember(lockside, 'TR').id,
      device: this.session?.device ?? '',
      count,
      seenSeq: 0,
      data,
      ...more,
    } as unknown as Act;
  }

  async send(jobId: string, ...acts: unknown[]): Promise<Sent> {
    const { status, body } = await this.post(`/api/jobs/${jobId}/acts`, {
      sentAt: new Date().toISOString(),
      acts,
    });
    return { status, outcomes: (body as { outcomes?: Sent['outcomes'] }).outcomes ?? [] };
  }

  async events(jobId: string): Promise<JobEvent[]> {
    const { body } = await this.get(`/api/jobs/${jobId}`);
    return (body as { events: JobEvent[] }).events;
  }

  private async read(response: Response): Promise<Answer> {
    for (const set of response.headers.getSetCookie()) {
      const [name = '', value = ''] = (set.split(';')[0] ?? '').split('=');
      this.cookies.set(name, value);
    }
    const text = await response.text();
    return { status: response.status, body: (text === '' ? null : JSON.parse(text)) as never };
  }
}

interface Sent {
  readonly status: number;
  readonly outcomes: {
    readonly status: string;
    readonly event?: JobEvent;
    readonly problem?: {
      readonly status: number;
      readonly code: string;
      readonly detail: string;
      readonly field?: string;
    };
  }[];
}
