import {
  fitSeen,
  madeDead,
  stripped,
  turnedOver,
  until,
  wrenchFor,
} from '@cardinex/demo/intakeStory';
import { bearingsDone } from '@cardinex/demo/frameStory';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { seeded } from '../../quantity/seeded';
import { cylindersOf, type EngineSheet } from '../../sheet/engineSheet';
import { planOf } from '../../sheet/programmeOf';
import type { FastenedSet } from '../../sheet/spec/fastening';
import { heightsOf } from '../../sheet/spec/block';
import type { Act, ActData, ActType } from '../act';
import { rowsOfPiece } from '../cards/fit/standing';
import { waitsInPlace } from '../cards/tighten/inPlace';
import { decide } from '../decide';
import { evolve } from '../evolve';
import { HELD_BY } from '../facts/crank';
import type { LeaveOut } from '../facts/leftOut';
import type { RunName } from '../facts/run';
import type { Scope } from '../facts/scope';
import type { Job } from '../job';
import { holdsOnTurning } from '../mayTurn';
import { temporaryPartsIn } from '../register';
import { runsOf } from '../run/runsOf';
import { runDone } from '../run/runView';
import type { RunView } from '../run/views';
import { sheetOfJob } from '../sheetOfJob';
import type { JobState } from '../state';
import { entryOf } from '../kit/entryOf';
import { trayOf } from '../tray';
import type { CardName } from '../facts/cardName';
import { openedFor } from './intake';
import { after, jobOf, refusalOf, stateOf } from './story';

const ELSEWHERE: readonly LeaveOut[] = [
  'parts',
  'inspect',
  'bores',
  'shells',
  'crank',
  'pistons',
  'stand-out',
  'head-build',
  'covering',
  'timing',
  'pump',
];

/** At which every liner stands, within what each book prints. */
const STANDS: Readonly<Record<string, number>> = {
  'tolvane-44': 0.07,
  'orrin-6t': -0.09,
  'hesper-m6-r': 0.45,
  'hesper-m6-l': 0.45,
  'dunmere-2s5': -0.02,
};

/** All apart, and whatever is not putting pieces on done elsewhere. */
export const apart = (sheet: EngineSheet, scope: Scope): Storyteller => {
  const story = stripped(madeDead(openedFor(sheet, scope), sheet), sheet);
  bearingsDone(story, sheet);
  for (const card of ELSEWHERE) story.act('card.left-out', { card, words: 'elsewhere' });
  // What held liners down comes out before anything is closed over it.
  for (const { id } of temporaryPartsIn(stateOf(story).register))
    story.act('temporary-part.taken-out', { part: id });
  const places = heightsOf(sheet.liners)?.places ?? [];
  if (places.length === 0) return story;
  for (const bore of cylindersOf(sheet))
    story.liner(String(bore), ...places.map(() => STANDS[sheet.id] ?? 0));
  return story.act('liners.accepted', {});
};

/** What a scope takes off is off, parts and looks done elsewhere: only putting it on again is left. */
export function onlyToPutOn(sheet: EngineSheet, scope: Scope): Walk {
  const story = stripped(madeDead(openedFor(sheet, scope), sheet), sheet);
  for (const card of ['parts', 'inspect', 'covering', 'timing'] as const)
    story.act('card.left-out', { card, words: 'elsewhere' });
  return new Walk(story, sheet);
}

/** The next step of the first of these rows that can be gone on with; null where none can. */
export function fitStep(rows: ReturnType<typeof rowsOfPiece>): ActData['check.seen'] | null {
  const [open] = rows.flatMap((row) => (row.stands === 'open' ? [row] : []));
  if (!open?.next) return null;
  const { row, next } = open;
  return fitSeen(row, next);
}

/** A job as it goes on, act by act, each decided as the log stands. */
export class Walk {
  private job: Job;

  constructor(
    readonly story: Storyteller,
    private readonly sheet: EngineSheet,
  ) {
    this.job = jobOf(story);
  }

  get state(): JobState {
    return this.job.state;
  }

  get tray() {
    return trayOf(this.sheet, this.state, this.story.now);
  }

  entry(card: CardName, set?: string) {
    return entryOf(this.tray, { card, set });
  }

  get fits() {
    return this.tray.filter(({ card }) => card === 'fit');
  }

  /** Why an act would be refused; null when it would not. */
  refusal<T extends ActType>(type: T, data: ActData[T]): string | null {
    const last = this.job.log.last?.at ?? this.story.now;
    const minutes = (Date.parse(this.story.now) - Date.parse(last)) / 60_000;
    return refusalOf(this.decided(after(this.story, type, data, { minutes })));
  }

  /** An act that is accepted. */
  act<T extends ActType>(type: T, data: ActData[T]): this {
    this.story.act(type, data);
    const act = this.story.end().acts.at(-1);
    expect([data, act && refusalOf(this.decided(act))]).toEqual([data, null]);
    return this.caughtUp();
  }

  /** What a story told meanwhile. */
  caughtUp(): this {
    const { acts } = this.story.end();
    for (const [place, act] of acts.entries())
      if (place >= this.job.log.length)
        this.job = evolve(this.job, { ...act, seq: place + 1, receivedAt: act.at });
    return this;
  }

  /** The next step of a piece that can be taken; null where none can. */
  stepOf(piece: string): ActData['check.seen'] | null {
    return fitStep(rowsOfPiece(sheetOfJob(this.sheet, this.state), this.state, piece));
  }

  /** Puts a piece on as far as it goes. */
  putOn(piece: string): this {
    for (let seen = this.stepOf(piece); seen; seen = this.stepOf(piece)) {
      const { reason } = this.entry('fit', piece) ?? {};
      if (reason && 'until' in reason && reason.code !== 'close-by') this.leftUntil(reason.until);
      this.holdMeanwhile(seen);
      this.act('check.seen', seen);
    }
    return this;
  }

  /** Plates and guides in where the crank is turned while cylinders are off, and out again before one goes on. */
  private holdMeanwhile(seen: ActData['check.seen']): void {
    const refusal = this.refusal('check.seen', seen);
    if (refusal === 'crank-held') {
      for (const { code } of holdsOnTurning(sheetOfJob(this.sheet, this.state), this.state)) {
        if (!(code in HELD_BY)) continue;
        const kind = HELD_BY[code as keyof typeof HELD_BY];
        const put = { part: `${kind}-${this.story.now}`, kind, what: kind, where: 'case' };
        this.act('temporary-part.put-in', { ...put, bars: 'start' });
      }
    } else if (refusal === 'temporary-parts-in') {
      for (const { id } of temporaryPartsIn(this.state.register))
        this.act('temporary-part.taken-out', { part: id });
    }
  }

  /** Pulls a set down, by jacks where it has them, the crank turned after each cap. */
  pull(id: string): this {
    const runs = () => runsOf(sheetOfJob(this.sheet, this.state), this.state, id, '');
    const isReady = (run: RunView): boolean =>
      !runDone(run) &&
      waitsInPlace(sheetOfJob(this.sheet, this.state), this.state, run.name).length === 0;
    for (const { set, name } of runs().filter(isReady)) {
      this.pulled(set, name);
      for (let view = runOf(runs(), name); view?.turn; view = runOf(runs(), name)) {
        const { stage, fasteners } = view.turn;
        this.story.act('cap.turned', { run: name, stage, fasteners, found: 'free' });
        this.caughtUp();
      }
    }
    return this;
  }

  /** Puts on and pulls whatever is open, in an order of its own for each seed, until nothing more is. */
  together(seed: number): this {
    const { even } = seeded(seed);
    for (let n = 0; n < 400; n += 1) {
      const open = this.tray.filter(
        ({ card, set, status }) =>
          status === 'open' && set && (card === 'fit' || card === 'tighten'),
      );
      const entry = open[Math.floor(even() * open.length)];
      if (!entry?.set) {
        if (this.turnOver() || this.leftToSet()) continue;
        break;
      }
      if (entry.card === 'fit') this.putOn(entry.set.id);
      else this.pull(entry.set.id);
    }
    return this;
  }

  /** Turns the engine over for what waits for that; false where nothing does. */
  private turnOver(): boolean {
    for (const { status, reason } of this.tray) {
      if (status !== 'barred' || reason.code !== 'turn-over') continue;
      turnedOver(this.story, reason.to);
      this.caughtUp();
      for (const { id } of temporaryPartsIn(this.state.register))
        this.act('temporary-part.taken-out', { part: id });
      return true;
    }
    return false;
  }

  /** Waits for the first thing that sets; false where nothing does. */
  private leftToSet(): boolean {
    const untils = this.tray.flatMap(({ reason }) =>
      reason.code === 'clock' || reason.code === 'not-closed-yet' ? [reason.until] : [],
    );
    const [first] = untils.sort();
    return first !== undefined && this.leftUntil(first);
  }

  private leftUntil(at: string | undefined): boolean {
    if (at === undefined) return false;
    until(this.story, at);
    return true;
  }

  private pulled(set: FastenedSet, run: RunName): void {
    const acts = planOf(set, run.instance)?.acts ?? [];
    if (acts.some(({ kind }) => kind === 'hydraulic')) {
      this.story.prepareJacks(set, run);
      for (const act of acts) this.story.oneOf(act);
    } else this.story.wholeRun(set, run.instance, wrenchFor(this.sheet, set));
    this.caughtUp();
  }

  private decided(act: Act) {
    const member = { id: act.by, role: 'mechanic' as const, fresh: false };
    return decide(this.job, act, { now: act.at, sheet: this.sheet, member });
  }
}

const runOf = (runs: readonly RunView[], { instance }: RunName): RunView | undefined =>
  runs.find(({ name }) => name.instance === instance);
