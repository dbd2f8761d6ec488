import { demoSheets } from '@cardinex/demo/sheets/all';
import { seeded } from '../quantity/seeded';
import { assemblyGraph } from '../sheet/assembly/assemblyGraph';
import type { EngineSheet } from '../sheet/engineSheet';
import type { Act } from './act';
import { clocksOfRow, phaseOf } from './cards/fit/clocks';
import { fitPieces, rowItem } from './cards/fit/rows';
import { rowsOfPiece } from './cards/fit/standing';
import { stripNext, type OffStep } from './cards/strip/view';
import { decide } from './decide';
import { evolve } from './evolve';
import type { Job } from './job';
import { sheetOfJob } from './sheetOfJob';
import { madeDead, openedFor } from './tests/intake';
import { jobOf, tobin, wren, perrin } from './tests/story';
import { fitStep } from './tests/walk';
import { trayOf } from './tray';

/** What any of them may do next, as they see the job. */
type Step = readonly (readonly [
  'piece.off' | 'piece.eased' | 'mark.made' | 'check.seen' | 'joint.wiped-off',
  unknown,
])[];

/** Nothing of these engines is bolted on: it is marked, what it asks for eased, and off. */
function takingOff(step: OffStep): Step {
  switch (step.kind) {
    case 'mark':
      return step.marks.map(
        ({ id: mark, kind, code, place }) => ['mark.made', { mark, kind, code, place }] as const,
      );
    case 'ease':
      return [['piece.eased', { piece: step.piece, off: step.off }]];
    case 'off':
      return [['piece.off', { pieces: step.instances, found: 'sound' }]];
    case 'held':
    case 'slacken':
    case 'turn-over':
    case 'unclamp':
    case 'wait':
      return [];
  }
}

/** One of several at an engine, whose device was told so much and no more. */
class Hand {
  private count = 0;

  constructor(
    readonly by: string,
    readonly device: string,
    public job: Job,
    /** The last event its device was sent. */
    public seenSeq: number,
  ) {}

  /** An act as this device makes it. */
  act(type: Act['type'], data: unknown, at: string): Act {
    this.count += 1;
    const id = `${this.device.slice(0, 24)}${String(this.count).padStart(12, '0')}`;
    const { by, device, count, seenSeq } = this;
    return { id, v: 1, type, at, by, device, count, seenSeq, data } as unknown as Act;
  }
}

/** The job as the server has it, and three who work on it, each with what their device has seen. */
class Shop {
  readonly hands: readonly Hand[];
  private minutes = 0;

  constructor(
    public job: Job,
    private readonly sheet: EngineSheet,
    private readonly even: () => number,
  ) {
    this.hands = [tobin, wren, perrin].map(
      ({ id }, nth) =>
        new Hand(id, `0190000${nth}-0000-7000-8000-00000000000${nth}`, job, job.log.headSeq),
    );
  }

  get tray() {
    return trayOf(this.sheet, this.job.state, this.job.log.last?.at ?? '');
  }

  /** Somebody does the next thing as they see it, having heard of the others or not. Were they refused, they hear. */
  next(): boolean {
    const hand = this.hands[Math.floor(this.even() * this.hands.length)];
    if (!hand) return false;
    if (this.even() < 0.3) this.hear(hand);
    const step = this.stepOf(hand);
    for (const [type, data] of step) this.send(hand, hand.act(type, data, this.now()));
    return step.length > 0;
  }

  hear(hand: Hand): void {
    hand.job = this.job;
    hand.seenSeq = this.job.log.headSeq;
  }

  private now(): string {
    this.minutes += 1;
    return new Date(Date.parse('2026-03-03T08:00:00Z') + this.minutes * 60_000).toISOString();
  }

  private send(hand: Hand, act: Act): void {
    const member = { id: act.by, role: 'mechanic' as const, fresh: false };
    const verdict = decide(this.job, act, { now: act.at, sheet: this.sheet, member });
    if (!verdict.ok) return this.hear(hand);
    const seq = this.job.log.headSeq + 1;
    const event = { ...act, ...verdict.stamp, seq, receivedAt: act.at };
    this.job = evolve(this.job, event);
    hand.job = evolve(hand.job, event);
  }

  private stepOf({ job: { state } }: Hand): Step {
    const sheet = sheetOfJob(this.sheet, state);
    const off = stripNext(sheet, state, '');
    if (off) return takingOff(off.step);
    const open = fitPieces(sheet)
      .flatMap(({ id }) => rowsOfPiece(sheet, state, id))
      .filter(({ stands }) => stands === 'open');
    const row = open[Math.floor(this.even() * open.length)];
    const seen = row && fitStep([row]);
    if (!row || !seen) return [];
    // A bead left lying while they were about other things is laid anew.
    const old = clocksOfRow(sheet, state, row.row).find(
      (clock) => phaseOf(clock, this.now()).is === 'too-late',
    );
    return old
      ? [['joint.wiped-off', { piece: rowItem(row.row), step: old.step }]]
      : [['check.seen', seen]];
  }
}

/** Kinds that go on by no other card. */
const OWN_CARD: readonly string[] = [
  'cover',
  'manifold',
  'pipe',
  'pump',
  'injector',
  'cooler',
  'filter',
];

it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
  'three people, each with an old picture of %s, take it apart and put it together to the end',
  (_, whole) => {
    // Without its direction nothing of the overhead is planned: what shuts it has nothing to wait for.
    const { rotation: _direction, ...still } = whole;
    const sheet: EngineSheet = { ...still, fastenedSets: [] };
    const also = assemblyGraph(sheet)
      .assembly.pieces.filter(({ kind }) => OWN_CARD.includes(kind))
      .map(({ id }) => id);
    const story = madeDead(openedFor(sheet, { kind: 'pieces', also }), sheet);
    for (const card of ['parts', 'inspect', 'timing', 'pump', 'shells', 'crank'] as const)
      story.act('card.left-out', { card, words: 'elsewhere' });
    const shop = new Shop(jobOf(story), sheet, seeded(also.length).even);
    for (let idle = 0, n = 0; idle < 12 && n < 2_000; n += 1) {
      idle = shop.next() ? 0 : idle + 1;
      if (idle > 0) shop.hands.forEach((hand) => shop.hear(hand));
    }
    const left = shop.tray.filter(({ card }) => card === 'strip' || card === 'fit');
    expect(
      left.flatMap(({ set, status, reason }) => (status === 'done' ? [] : [[set?.id, reason]])),
    ).toEqual([]);
  },
);
