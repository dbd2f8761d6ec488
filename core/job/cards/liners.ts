import { linerCheck, type LinerCheck } from '../../block/linerCheck';
import { figureMm } from '../../quantity/figureMm';
import { heightsOf } from '../../sheet/spec/block';
import type { ActOf, LoggedAct, Printed } from '../act';
import type { DecideContext } from '../decide';
import { mayOverride } from '../roles';
import { cylindersInScope, type JobSheet } from '../scope';
import { ACCEPTED, refused, type Verdict } from '../refusal';

/** Fewest places a liner is read at before anything is said of it: one reading shows no tilt. */
export const FEWEST_PLACES = 2;

export interface LinerReading {
  readonly mm: number;
  readonly printed: Printed;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

export interface LinersState {
  /** Newest reading by bore and place. */
  readonly readings: Readonly<Record<string, Readonly<Record<number, LinerReading>>>>;
  readonly accepted: { readonly by: string; readonly at: string; readonly words?: string } | null;
}

export const NO_LINERS: LinersState = { readings: {}, accepted: null };

/** Bore ids a job works on, in block order: bank by bank, each from the cylinder-1 end. */
export function boreIds(sheet: JobSheet): readonly string[] {
  return cylindersInScope(sheet).map(String);
}

export function evolveLiners(state: LinersState, act: LoggedAct): LinersState {
  if (act.type === 'liner.read') {
    const { bore, place, mm, printed } = act.data;
    const reading = { mm, printed, actId: act.id, at: act.at, by: act.by };
    const ofBore = { ...state.readings[bore], [place]: reading };
    // A liner read again is a liner lifted or doubted: what was accepted no longer holds.
    return { readings: { ...state.readings, [bore]: ofBore }, accepted: null };
  }
  if (act.type === 'liners.accepted') {
    return { ...state, accepted: { by: act.by, at: act.at, ...act.data } };
  }
  return state;
}

/** The readings of one bore in the order of its places, unread places left out. */
export function readingsOf(state: LinersState, bore: string): readonly number[] {
  return Object.entries(state.readings[bore] ?? {})
    .sort(([a], [b]) => Number(a) - Number(b))
    .map(([, reading]) => reading.mm);
}

/** What the liners read so far say; null before any has been read at enough places, or without limits. */
export function linersFinding(sheet: JobSheet, state: LinersState): LinerCheck | null {
  const heights = heightsOf(sheet.liners);
  if (!heights?.low || !heights.high) return null;
  const { low, high, adjacent, tilt, groupSpread, rise, headGroups } = heights;
  const bores = sheet.layout.banks
    .flatMap((bank) =>
      bank.cylinders.map((cylinder) => {
        const group = headGroups?.findIndex((cylinders) => cylinders.includes(cylinder)) ?? -1;
        return {
          id: String(cylinder),
          readingsMm: readingsOf(state, String(cylinder)),
          ...(sheet.layout.banks.length > 1 && { bank: bank.name }),
          ...(group >= 0 && { headGroup: String(group + 1) }),
        };
      }),
    )
    .filter((bore) => bore.readingsMm.length >= FEWEST_PLACES);
  if (bores.length === 0) return null;
  return linerCheck({
    bores,
    limits: {
      lowMm: figureMm(low),
      highMm: figureMm(high),
      ...(adjacent && { adjacentMm: figureMm(adjacent) }),
      ...(tilt && { tiltMm: figureMm(tilt) }),
      ...(groupSpread && { groupSpreadMm: figureMm(groupSpread) }),
    },
    rise,
  });
}

/** Bores still short of readings. */
export function unreadBores(sheet: JobSheet, state: LinersState): readonly string[] {
  return boreIds(sheet).filter((id) => readingsOf(state, id).length < FEWEST_PLACES);
}

export function decideLinerRead(act: ActOf<'liner.read'>, { sheet }: DecideContext): Verdict {
  if (!boreIds(sheet).includes(act.data.bore))
    return refused('unknown-bore', { bore: act.data.bore });
  const places = heightsOf(sheet.liners)?.places.length ?? 0;
  if (act.data.place >= places) {
    return refused('unknown-place', { place: act.data.place + 1, places });
  }
  return ACCEPTED;
}

export function decideLinersAccepted(
  state: LinersState,
  act: ActOf<'liners.accepted'>,
  { sheet, member }: DecideContext,
): Verdict {
  const unread = unreadBores(sheet, state);
  if (unread.length > 0) return refused('liners-incomplete', { bores: unread.join(', ') });
  if (linersFinding(sheet, state)?.overall === 'within') return ACCEPTED;
  if (!mayOverride(member.role)) return refused('liners-out');
  if (!act.data.words) return refused('words-needed');
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}
