import { IDBFactory } from 'fake-indexeddb';
import type { Act, JobEvent } from '@cardinex/core/job/act';
import { opened } from '@cardinex/core/job/tests/story';
import { sheetHash } from '@cardinex/demo/jobs';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { crewMember, lockside } from '@cardinex/demo/shops';
import { JobLedger, type Actor, type NewAct } from './jobLedger';
import { StorageFault } from './deviceDatabase';
import { Outbox } from './outbox';
import { LedgerStorage } from './storage';

const JOB = '0190aaaa-0000-7000-8000-000000000001';
const tobin = crewMember(lockside, 'TR');
const actor: Actor = {
  id: tobin.id,
  role: tobin.role,
  device: lockside.device,
  unproved: false,
  provedAt: undefined,
};
const revision = { hash: sheetHash(tolvane44), sheet: tolvane44 };
/** What opens a job on the Tolvane whose liners come next. */
const OPENING = opened()
  .end()
  .acts.map(({ type, data }) => ({ type, data }) as NewAct);
const OPENED = OPENING.length;
const upTo = (last: number): number[] => Array.from({ length: last }, (_, n) => n + 1);
const reading = (mm: number, place = 0) => ({
  bore: '1',
  place,
  mm,
  printed: { text: String(mm), unit: 'mm' as const },
});

/** A server that keeps a log, and can be out of reach or refuse. */
class Server {
  log: JobEvent[] = [];
  reachable = true;
  /** The next answer is lost on its way back: the acts are kept, the device does not hear so. */
  loseAnswer = false;
  refuse: ((act: Act) => string | null) | null = null;
  status = 200;

  readonly fetch = async (path: string, init: RequestInit = {}): Promise<Response> => {
    if (!this.reachable) throw new TypeError('no network');
    if (this.status !== 200) {
      const problem = { status: this.status, code: 'x', title: 'x', detail: 'x', type: 'x' };
      return answer(problem, this.status);
    }
    if (!path.endsWith('/acts')) return answer({ id: JOB, sheet: revision, events: this.log });
    const { acts } = JSON.parse(String(init.body)) as { acts: Act[] };
    const outcomes = acts.map((act) => this.take(act));
    if (this.loseAnswer) {
      this.loseAnswer = false;
      throw new TypeError('connection reset');
    }
    return answer({ outcomes, headSeq: this.log.length });
  };

  private take(act: Act): object {
    const before = this.log.find((event) => event.id === act.id);
    if (before) return { status: 'duplicate', id: act.id, event: before };
    const detail = this.refuse?.(act);
    if (detail) {
      return {
        status: 'refused',
        id: act.id,
        problem: { status: 422, code: 'no', title: '', detail },
      };
    }
    const event = {
      ...act,
      seq: this.log.length + 1,
      receivedAt: act.at,
      previousHash: '',
      hash: '',
    } as JobEvent;
    this.log.push(event);
    return { status: 'accepted', id: act.id, event };
  }
}

function answer(body: unknown, status = 200): Response {
  const sent = JSON.stringify(body);
  return { ok: status === 200, status, json: async () => JSON.parse(sent) } as unknown as Response;
}

let server: Server;
let storage: LedgerStorage;

/** A tab of the app on this device: a ledger and the outbox that sends for it. */
function tab() {
  const ledger: JobLedger = new JobLedger(JOB, storage, () => outbox.nudge());
  const outbox: Outbox = new Outbox(storage, 'lock', {
    arrived: (_, events) => ledger.receive(events),
    changed: () => ledger.reload(),
  });
  return { ledger, outbox };
}

async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 200; tries += 1) {
    if (await holds()) return;
    await new Promise((done) => setTimeout(done, 10));
  }
  throw new Error('it never came about');
}

beforeEach(async () => {
  indexedDB = new IDBFactory();
  localStorage.clear();
  server = new Server();
  globalThis.fetch = server.fetch as typeof fetch;
  storage = await LedgerStorage.open('test');
});

async function openJob() {
  const { ledger, outbox } = tab();
  await ledger.load();
  await ledger.begin(revision);
  await ledger.recordAll(OPENING, actor);
  return { ledger, outbox };
}

describe('a job on a device', () => {
  it('moves on as soon as an act is on the disk, before the server has it', async () => {
    server.reachable = false;
    const { ledger, outbox } = await openJob();
    await ledger.record('liner.read', reading(0.06), actor);
    expect(ledger.view.job.state.liners.readings['1']?.[0]?.mm).toBe(0.06);
    expect(ledger.view.waiting).toBe(OPENED + 1);
    await until(() => outbox.away === 'no-answer');
    expect(await storage.allKept()).toHaveLength(OPENED + 1);
    outbox.close();
  });

  it('sends everything once and in order when the network is back', async () => {
    server.reachable = false;
    const { ledger, outbox } = await openJob();
    for (const place of [0, 1, 2]) await ledger.record('liner.read', reading(0.06, place), actor);
    server.reachable = true;
    window.dispatchEvent(new Event('online'));
    await until(() => ledger.view.waiting === 0);
    expect(server.log.map((e) => e.count)).toEqual(upTo(OPENED + 3));
    await until(() => outbox.away === null);
    expect(await storage.allKept()).toEqual([]);
    outbox.close();
  });

  it('sends again what got no answer, and the server keeps it once', async () => {
    const { ledger, outbox } = await openJob();
    await until(() => ledger.view.waiting === 0);
    server.loseAnswer = true;
    await ledger.record('liner.read', reading(0.07), actor);
    await until(() => outbox.away === 'no-answer');
    await until(() => ledger.view.waiting === 0);
    expect(server.log.filter((e) => e.type === 'liner.read')).toHaveLength(1);
    expect(ledger.view.job.log).toHaveLength(OPENED + 1);
    outbox.close();
  });

  it('what it cannot write is nowhere, can be tried again with its time, or sent straight on', async () => {
    const { ledger, outbox } = await openJob();
    const save = jest.spyOn(storage, 'keep');
    save.mockRejectedValueOnce(new StorageFault('full', null));
    const refused = await ledger.record('liner.read', reading(0.06), actor);
    if (refused.ok || !('unkept' in refused)) throw new Error('it was kept');
    expect(refused.unkept).toMatchObject({ trouble: 'full', acts: [{ type: 'liner.read' }] });
    expect(ledger.view.job.state.liners.readings).toEqual({});
    const { acts, at } = refused.unkept;
    expect(await ledger.recordAll(acts, actor, at)).toEqual({ ok: true });
    await until(() => ledger.view.waiting === 0);
    expect(server.log.at(-1)).toMatchObject({ type: 'liner.read', at });

    save.mockRejectedValueOnce(new StorageFault('full', null));
    const again = await ledger.record('liner.read', reading(0.07, 1), actor);
    if (again.ok || !('unkept' in again)) throw new Error('it was kept');
    expect(await ledger.sendStraight(again.unkept)).toEqual({ ok: true });
    expect(ledger.view.job.state.liners.readings['1']).toMatchObject({ 1: { mm: 0.07 } });
    // What is written after it counts on behind it.
    await ledger.record('liner.read', reading(0.08, 2), actor);
    await until(() => ledger.view.waiting === 0);
    const counts = server.log.map(({ count }) => count);
    expect(counts).toEqual(counts.map((_, place) => place + 1));
    outbox.close();
  });

  it('records several acts together, or none when one of them may not be', async () => {
    server.reachable = false;
    const { ledger, outbox } = await openJob();
    const read = (mm: number, place: number) => ({
      type: 'liner.read' as const,
      data: reading(mm, place),
    });
    const refused = await ledger.recordAll([read(0.06, 0), read(0.07, 4), read(0.08, 1)], actor);
    expect(refused).toMatchObject({ ok: false, refusal: { code: 'unknown-place' } });
    expect(ledger.view.job.state.liners.readings).toEqual({});
    expect(await storage.allKept()).toHaveLength(OPENED);
    expect(await ledger.recordAll([read(0.06, 0), read(0.07, 1)], actor)).toEqual({ ok: true });
    expect((await storage.allKept()).map(({ act }) => act.count)).toEqual(upTo(OPENED + 2));
    outbox.close();
  });

  it('opens again after a reload with what was not sent yet', async () => {
    server.reachable = false;
    const first = await openJob();
    await first.ledger.record('liner.read', reading(0.06), actor);
    first.outbox.close();
    const { ledger, outbox } = tab();
    await ledger.load();
    expect(ledger.view.status).toBe('ready');
    expect(ledger.view.job.state.liners.readings['1']?.[0]?.mm).toBe(0.06);
    outbox.close();
  });

  it('shows an act that was not accepted, keeps it, and can send it again', async () => {
    const { ledger, outbox } = await openJob();
    await until(() => ledger.view.waiting === 0);
    server.refuse = (act) => (act.type === 'liner.read' ? 'not by you' : null);
    await ledger.record('liner.read', reading(0.06), actor);
    await until(() => ledger.view.refused.length === 1);
    expect(ledger.view.refused[0]?.problem?.detail).toBe('not by you');
    expect(ledger.view.job.state.liners.readings['1']).toBeUndefined();
    server.refuse = null;
    await storage.forgive(ledger.view.refused);
    ledger.reload();
    outbox.nudge();
    await until(() => ledger.view.refused.length === 0 && ledger.view.waiting === 0);
    expect(server.log).toHaveLength(OPENED + 1);
    outbox.close();
  });

  it('whose sign-in has run out keeps its acts and says why', async () => {
    const { ledger, outbox } = await openJob();
    await until(() => ledger.view.waiting === 0);
    server.status = 401;
    await ledger.record('liner.read', reading(0.06), actor);
    await until(() => outbox.away === 'sign-in');
    expect(ledger.view.waiting).toBe(1);
    expect(ledger.view.refused).toEqual([]);
    outbox.close();
  });

  it.each([
    [404, 'missing', undefined],
    [500, 'unreachable', 'x'],
  ] as const)('not given, for a reason of kind %s, is %s', async (status, stands, problem) => {
    server.status = status;
    const { ledger, outbox } = tab();
    await ledger.load();
    expect([ledger.view.status, ledger.view.problem]).toEqual([stands, problem]);
    outbox.close();
  });

  it('takes another device’s acts in, and fetches the whole when some are missing', async () => {
    const { ledger, outbox } = await openJob();
    await until(() => ledger.view.waiting === 0);
    const [first] = server.log;
    const others = [1, 2, 3].map(
      (nth) =>
        ({
          ...first,
          id: `0190bbbb-0000-7000-8000-00000000000${nth}`,
          type: 'liner.read',
          seq: OPENED + nth,
          device: 'another',
          data: reading(0.07, nth - 1),
        }) as JobEvent,
    );
    server.log.push(...others);
    ledger.receive(others.slice(2));
    await until(() => ledger.view.job.log.length === OPENED + 3);
    expect(ledger.view.job.state.liners.readings['1']?.[0]?.mm).toBe(0.07);
    ledger.receive(others);
    await until(() => ledger.view.job.log.length === OPENED + 3);
    outbox.close();
  });

  it('of which only the sheet was written is fetched, not shown as untouched', async () => {
    const { ledger: first, outbox: other } = await openJob();
    await until(() => first.view.waiting === 0);
    other.close();
    storage = await LedgerStorage.open('torn');
    await storage.putSheet(JOB, revision);
    const { ledger, outbox } = tab();
    await ledger.load();
    expect(ledger.view.job.state.opened?.name).toBe('test engine');
    outbox.close();
  });

  it('refuses here what the server would, and keeps nothing of it', async () => {
    const { ledger, outbox } = await openJob();
    await until(() => ledger.view.waiting === 0);
    const verdict = await ledger.record('liners.accepted', {}, actor);
    expect(verdict).toMatchObject({ ok: false, refusal: { code: 'liners-incomplete' } });
    expect(await storage.allKept()).toEqual([]);
    outbox.close();
  });
});
