import { CARDS } from './cards/index';
import { cardsOfPlace } from './cardsOfPlace';
import type { EngineSheet } from '../sheet/engineSheet';
import { variantOf } from '../sheet/variants';
import { layeredOn, type Layered } from './differences';
import type { LeaveOut } from './facts/leftOut';
import type { CardPlace } from './kit/cardPlace';
import type { Card, Entry, JobNow } from './kit/card';
import { pendingOn } from './pending';
import { usualOrder, type Planned } from './plan/usualOrder';
import { sheetOfJob } from './sheetOfJob';
import { lackingStanding, type Standing } from './standing';
import type { JobState } from './state';
import type { Wait } from './trayReason';

/** The cards of a job, each asked where it stands only when that is wanted, and once. */
export interface Standings {
  readonly planned: readonly Planned[];
  readonly of: (planned: Planned) => Standing;
}

/**
 * @param pinned the revision the job is pinned to
 * @param now ISO time; a run left too long asks to be swept
 */
export function standingsOf(pinned: EngineSheet, state: JobState, now: string): Standings {
  const layered = layeredOn(variantOf(pinned, state.variant), state.layers);
  const job: JobNow = { sheet: sheetOfJob(pinned, state), layered, state, now };
  const planned = usualOrder(job);
  const known = new Map<Entry, Standing>();
  const of = (entry: Planned): Standing => {
    const before = known.get(entry);
    if (before) return before;
    const standing = standingOf(job, entry, { planned, of });
    known.set(entry, standing);
    return standing;
  };
  return { planned, of };
}

/**
 * Where one card stands, the others asked only as far as it waits for them; null where the job has no such
 * card.
 */
export function standingAt(
  pinned: EngineSheet,
  state: JobState,
  now: string,
  { card, set }: CardPlace,
): Standing | null {
  const { planned, of } = standingsOf(pinned, state, now);
  const entry = planned.find(
    (one) => one.card === card && (set === undefined || one.set?.id === set),
  );
  return entry ? of(entry) : null;
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
    return { status: 'done', reason: { code: 'left-out', words: out.words }, trouble: false };
  const first = firstBefore(entry, of).find((before) => of(before).status !== 'done');
  if (first) {
    return barred({
      code: 'card-first',
      card: first.card,
      ...(first.set && { set: first.set.name }),
    });
  }
  const stands = (other: Entry): Standing => of(other as Planned);
  const own = card.stands(job, entry, { entries: planned, stands });
  if (own.status === 'done') return own;
  const [wait] = card.waitsFor?.(job, entry) ?? [];
  return wait ? barred(wait, true) : own;
}

/** What is done before a card: where one of them is left out, what that one waited for. */
function firstBefore({ after }: Planned, of: Standings['of']): readonly Planned[] {
  return after.flatMap((before) =>
    of(before).reason.code === 'left-out' ? firstBefore(before, of) : [before],
  );
}

function barred(reason: Wait, trouble = false): Standing {
  return { status: 'barred', reason, trouble };
}

/** How many places a card works by at which its sources differ and nobody has decided. */
function undecidedFor({ differences, objections }: Layered, { card, set }: Entry): number {
  const isOf = (place: CardPlace): boolean =>
    place.card === card && (place.set ?? null) === (set?.id ?? null);
  return differences.filter(({ place, standing }) => {
    const asks = standing === 'open' || (objections.length > 0 && standing !== 'agrees');
    return asks && cardsOfPlace(place).some(isOf);
  }).length;
}
