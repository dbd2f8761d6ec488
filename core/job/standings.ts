import isEqual from 'fast-deep-equal';
import { goingOnBy, waitsForAttitude } from './attitude';
import { CARDS } from './cards/index';
import { cardsOfPlace } from './cardsOfPlace';
import { memoizeByObject } from '../sheet/memoize';
import type { EngineSheet } from '../sheet/engineSheet';
import { variantOf } from '../sheet/variants';
import { layeredOn, type Layered } from './differences';
import type { LeaveOut } from './facts/leftOut';
import type { PutOff } from './facts/putOff';
import type { OpenedState } from './facts/opened';
import { wayShut } from './cards/fit/way';
import { entryOf } from './kit/entryOf';
import { cardKey, placeOf, type CardPlace } from './kit/cardPlace';
import type { Card, Entry, JobNow } from './kit/card';
import { holdsFor, memoOf, type Memo } from './kit/memo';
import { isPassed, passable, shutInOf } from './outOfOrder';
import { pendingOn } from './pending';
import { samePlan, usualOrder, type Planned } from './plan/usualOrder';
import { isPutRightOnIt } from './trayGroups';
import { sheetOfJob } from './sheetOfJob';
import { lackingStanding, type Standing } from './standing';
import type { JobState } from './state';
import type { TrayReason, Wait } from './trayReason';

/** The cards of a job, each asked where it stands only when that is wanted, and once. */
interface Standings {
  readonly planned: readonly Planned[];
  readonly of: (planned: Planned) => Standing;
}

/**
 * @param pinned the revision the job is pinned to
 * @param now ISO time; a run left too long asks to be swept
 */
export function standingsOf(pinned: EngineSheet, state: JobState, now: string): Standings {
  const layered = layeredOn(variantOf(pinned, state.variant), state.layers);
  const sheet = sheetOfJob(pinned, state);
  return new KnownStandings(knownOf(state, sheet, layered), { ...state, now });
}

/**
 * Where one card stands, the others asked only as far as it waits for them; null where the job has no such
 * card.
 */
export function standingAt(
  pinned: EngineSheet,
  state: JobState,
  now: string,
  place: CardPlace,
): Standing | null {
  const { planned, of } = standingsOf(pinned, state, now);
  const entry = entryOf(planned, place);
  return entry ? of(entry) : null;
}

/** A job's state and the moment it is looked at: what a standing may be worked out from. */
type Moment = JobState & Pick<JobNow, 'now'>;

/** What was last found of a job: it is worked out again only where what it was worked out from has changed. */
interface Known {
  readonly sheet: JobNow['sheet'];
  readonly layered: Layered;
  plan: Memo<readonly Planned[]> | null;
  readonly standings: Map<Planned, KnownStanding>;
}

interface KnownStanding extends Memo<Standing> {
  /** The other cards that were asked where they stand, and what they answered. */
  readonly others: ReadonlyMap<Planned, Standing>;
}

/** By its opening, the one thing that all states of a job have in common and no two jobs do. */
const lastKnownOf = memoizeByObject((_: NonNullable<OpenedState>): { known: Known | null } => ({
  known: null,
}));

function knownOf({ opened }: JobState, sheet: Known['sheet'], layered: Layered): Known {
  const last = opened && lastKnownOf(opened);
  if (last?.known?.sheet === sheet && last.known.layered === layered) return last.known;
  const known: Known = { sheet, layered, plan: null, standings: new Map() };
  if (last) last.known = known;
  return known;
}

class KnownStandings implements Standings {
  readonly planned: readonly Planned[];
  /** Found, or found to hold still, at this moment. */
  private readonly sure = new Map<Planned, Standing>();

  constructor(
    private readonly known: Known,
    private readonly moment: Moment,
  ) {
    this.planned = this.plan();
  }

  readonly of = (entry: Planned): Standing => {
    const found = this.sure.get(entry) ?? this.recalled(entry) ?? this.worked(entry);
    this.sure.set(entry, found);
    return found;
  };

  private plan(): readonly Planned[] {
    const before = this.known.plan;
    if (before && holdsFor(before, this.moment)) return before.result;
    const made = memoOf(this.moment, (moment) => usualOrder(this.jobAt(moment)));
    const isSame = before && samePlan(before.result, made.result);
    this.known.plan = isSame ? { ...made, result: before.result } : made;
    if (!isSame) this.known.standings.clear();
    return this.known.plan.result;
  }

  /** What was found before, where it would be found again. */
  private recalled(entry: Planned): Standing | null {
    const before = this.known.standings.get(entry);
    if (!before || !holdsFor(before, this.moment)) return null;
    for (const [other, stood] of before.others) if (this.of(other) !== stood) return null;
    return before.result;
  }

  private worked(entry: Planned): Standing {
    const before = this.known.standings.get(entry)?.result;
    const others = new Map<Planned, Standing>();
    const make = (other: Planned): Standing => {
      const stands = this.of(other);
      others.set(other, stands);
      return stands;
    };
    const { result, read } = memoOf(this.moment, (moment) =>
      standingOf(this.jobAt(moment), entry, { planned: this.planned, of: make }),
    );
    // The same object as long as it says the same: what waits for it need not be asked again.
    const standing = isEqual(before, result) && before ? before : result;
    this.known.standings.set(entry, { result: standing, read, others });
    return standing;
  }

  private jobAt(moment: Moment): JobNow {
    const { sheet, layered } = this.known;
    return {
      sheet,
      layered,
      state: moment,
      get now() {
        return moment.now;
      },
    };
  }
}

/** A card opens when those before it are done, the sheet has what it needs, and nothing objects. */
function standingOf(job: JobNow, entry: Planned, { planned, of }: Standings): Standing {
  const { sheet, layered, state } = job;
  const card: Card = CARDS[entry.card];
  const lacks = card.lacks?.(job, entry) ?? [];
  if (lacks.length > 0) return lackingStanding(lacks);
  const open = undecidedFor(layered, entry);
  if (open > 0) return barred({ code: 'differences-open', count: open }, true);
  const unsure = pendingOn(state, sheet, entry);
  if (unsure) return barred({ code: 'decision-pending', decision: unsure.act.id }, true);
  const out = state.leftOut[entry.card as LeaveOut];
  if (out)
    return {
      status: 'done',
      reason: { code: 'left-out', words: out.words },
      needsAttention: false,
    };
  const place = placeOf(entry);
  for (const wait of waitsBefore(entry, of)) if (!isPassed(state, place, wait)) return barred(wait);
  const stands = (other: Entry): Standing => of(other as Planned);
  const own = card.stands(job, entry, { entries: planned, stands });
  if (own.status === 'done') return own;
  const wait = waitsOf(job, entry).find((other) => !isPassed(state, place, other));
  // Its turn comes by itself, and what is put right on the card is when it is wanted; whatever else holds it up is amiss.
  if (wait) return barred(wait, !comesByItself(wait) && !isPutRightOnIt(wait));
  const putOff = state.putOff[cardKey(place)];
  return putOff ? { ...own, status: 'waiting', reason: putOffReason(putOff) } : own;
}

/** Is it only waited for: another card's turn, or time? */
function comesByItself({ code }: Wait): boolean {
  return code === 'card-first' || code === 'clock';
}

function putOffReason({ words, until }: PutOff): TrayReason {
  return { code: 'put-off', words, ...(until !== undefined && { until }) };
}

/** The cards that come before one and are not done, one after the other. */
function* waitsBefore(entry: Planned, of: Standings['of']): Generator<Wait> {
  for (const before of firstBefore(entry, of)) {
    const { card, set } = before;
    if (of(before).status !== 'done')
      yield { code: 'card-first', card, ...(set && { set: set.name }) };
  }
}

/** What a card waits for by the state of the engine and its parts; what was closed over it too soon. */
function waitsOf(job: JobNow, entry: Planned): readonly Wait[] {
  const { sheet, state } = job;
  const own = CARDS[entry.card].waitsFor?.(job, entry) ?? [];
  const shutIn = [...shutInOf(state, entry.card)];
  const turnOver = waitsForAttitude(sheet, state, goingOnBy(sheet, entry));
  return [
    ...own,
    ...turnOver,
    ...shutIn.flatMap(([act, pieces]) => wayShut(sheet, state, act, pieces)),
  ];
}

/**
 * Everything a card waits for that somebody may pass over, saying why; none where anything of it is not theirs to
 * pass over.
 */
export function passableAt(
  pinned: EngineSheet,
  state: JobState,
  now: string,
  place: CardPlace,
): readonly Wait[] {
  const { planned, of } = standingsOf(pinned, state, now);
  const entry = entryOf(planned, place);
  if (!entry || of(entry).status !== 'barred') return [];
  const sheet = sheetOfJob(pinned, state);
  const layered = layeredOn(variantOf(pinned, state.variant), state.layers);
  const waits = [
    ...waitsBefore(entry, of),
    ...waitsOf({ sheet, layered, state, now }, entry),
  ].filter((wait) => !isPassed(state, placeOf(entry), wait));
  const isTheirs = waits.every((wait) => passable(wait).length > 0);
  return isTheirs
    ? waits.filter((wait, at) => at === waits.findIndex((other) => isEqual(wait, other)))
    : [];
}

/** What is done before a card: where one of them is left out, what that one waited for. */
function firstBefore({ after }: Planned, make: Standings['of']): readonly Planned[] {
  return after.flatMap((before) =>
    make(before).reason.code === 'left-out' ? firstBefore(before, make) : [before],
  );
}

function barred(reason: Wait, needsAttention = false): Standing {
  return { status: 'barred', reason, needsAttention };
}

/** How many places a card works by at which its sources differ and nobody has decided. */
function undecidedFor({ differences, objections }: Layered, { card, set }: Entry): number {
  const isOf = (place: CardPlace): boolean =>
    place.card === card && (place.set ?? null) === (set?.id ?? null);
  return differences.filter(({ place, standing }) => {
    const isAsked = standing === 'open' || (objections.length > 0 && standing !== 'agrees');
    return isAsked && cardsOfPlace(place).some(isOf);
  }).length;
}
