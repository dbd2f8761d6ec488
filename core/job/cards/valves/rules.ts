import { checkOf } from '../../checks/allChecks';
import { fitCheckId } from '../fit/checks';
import { assemblyOf } from '../../../sheet/assembly/assemblyOf';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { clearanceAt, firingAngles } from '../../../overhead/barringInput';
import { cycleDegrees } from '../../../overhead/cycle';
import { atLeast, atMost, inMillionths } from '../../../quantity/withinLimits';
import { barringOf, overheadFor } from '../../../sheet/barringOf';
import { isValve, settingItems, type SettingItem } from '../../../sheet/settingItems';
import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import { refusedTurning } from '../../mayTurn';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { bleedUntil, overheadView } from './view';
import { gaugeFor, setByOf, turnsFor } from './item';

export function decideCrankStood(
  state: JobState,
  { data, at }: ActOf<'crank.stood'>,
  { sheet }: DecideContext,
): Verdict {
  const { atDeg, words } = data;
  if (atDeg < 0 || atDeg >= cycleDegrees(sheet.strokes)) return refused('crank-unknown');
  const until = bleedUntil(sheet, state.valves, state.crank);
  if (until !== null && words === undefined && atDeg !== state.crank.atDeg) {
    const leftMs = Date.parse(until) - Date.parse(at);
    if (leftMs > 0) return refused('still-to-wait', { minutes: Math.ceil(leftMs / 60_000) });
  }
  return ACCEPTED;
}

export function decideValveRead(
  state: JobState,
  { data }: ActOf<'valve.read'>,
  { sheet }: DecideContext,
): Verdict {
  const { valve, reading } = data;
  const item = itemOf(sheet, valve);
  if (!item || setByOf(sheet, item) !== 'gap') return refused('unknown-valve', { valve });
  if (reading === 'again' && !state.valves.turned) return refused('step-first');
  // A cold gap is read whenever it is cold: one struck from the record, or set anew after the recheck.
  if (reading === 'hot' && state.valves.recheckBegun === null) return refused('reading-of-recheck');
  return mayBeSet(sheet, state, item);
}

/** Two turns once all is set; the crank comes back to where it stood. */
export function decideGapsTurned(
  state: JobState,
  { data }: ActOf<'gaps.turned'>,
  { sheet }: DecideContext,
): Verdict {
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  if (view?.again !== 'due') return refused('step-first');
  return (data.leftOut === undefined ? refusedTurning(sheet, state) : null) ?? ACCEPTED;
}

/** A screw turned past zero lash or contact, or set to a gauge, by what the sheet asks. */
export function decideScrewSet(
  state: JobState,
  { data }: ActOf<'screw.set'>,
  { sheet }: DecideContext,
): Verdict {
  const { item: id, turns, heightMm } = data;
  const item = itemOf(sheet, id);
  const setBy = item && setByOf(sheet, item);
  if (!item || setBy === 'gap') return refused('unknown-valve', { valve: id });
  const asked = turnsFor(sheet, item)?.value;
  const right =
    setBy === 'turn'
      ? turns !== undefined &&
        heightMm === undefined &&
        inMillionths(turns) === inMillionths(asked ?? 0)
      : heightMm !== undefined && turns === undefined && gaugeFor(sheet) !== null;
  return right ? mayBeSet(sheet, state, item) : refused('not-this-way');
}

/** It goes in only where its valve is shut and stays shut: elsewhere it is bent, or jumps its pocket. */
export function decidePushRodSeen(
  state: JobState,
  { data }: ActOf<'push-rod.seen'>,
  { sheet }: DecideContext,
): Verdict {
  const item = itemOf(sheet, data.valve);
  if (!item || !isValve(item) || sheet.overhead?.pushRods?.in !== 'own-position')
    return refused('unknown-valve', { valve: data.valve });
  return mayBeSet(sheet, state, item);
}

export function decideBridgeSeen(
  state: JobState,
  { data }: ActOf<'bridge.seen'>,
  { sheet }: DecideContext,
): Verdict {
  const item = itemOf(sheet, data.valve);
  if (!item || !sheet.overhead?.bridges) return refused('unknown-valve', { valve: data.valve });
  return mayBeSet(sheet, state, item);
}

export function decideBarringChosen(
  { data }: ActOf<'barring.chosen'>,
  { sheet }: DecideContext,
): Verdict {
  const { school, startDeg } = data;
  if (startDeg >= cycleDegrees(sheet.strokes)) return refused('crank-unknown');
  const plan = barringOf(sheet, { school, startDeg, items: settingItems(sheet) });
  return plan ? ACCEPTED : refused('school-not-here');
}

/** The shim that came out from under a valve; its thickness needs no place of the crank. */
export function decideShimRead({ data }: ActOf<'shim.read'>, { sheet }: DecideContext): Verdict {
  const item = itemOf(sheet, data.valve);
  return item && sheet.overhead?.adjust === 'shim'
    ? ACCEPTED
    : refused('unknown-valve', { valve: data.valve });
}

/** Each goes under a valve that wants one, and brings it within. */
export function decideShimsChosen(
  state: JobState,
  { data }: ActOf<'shims.chosen'>,
  { sheet }: DecideContext,
): Verdict {
  const asked = overheadView(sheet, state.valves, state.crank, 'cold')?.shims?.input;
  for (const { valve, mm } of data.shims) {
    const own = asked?.valves.find(({ id }) => id === valve);
    if (!asked || !own) return refused('unknown-valve', { valve });
    const gapMm = own.measuredMm + own.fittedMm - mm;
    if (!atLeast(gapMm, asked.lowMm) || !atMost(gapMm, asked.highMm))
      return refused('shim-leaves', { valve });
  }
  return ACCEPTED;
}

/** A cover waits for what it closes the way to. */
export function decideCoverOn(
  state: JobState,
  { data }: ActOf<'cover.on'>,
  { sheet }: DecideContext,
): Verdict {
  const cover = assemblyOf(sheet).pieces.find(({ id }) => id === data.cover);
  if (!cover) return refused('unknown-cover');
  // Where it came off on this job it goes on by its own card, with its joints, its bolts and a last look.
  const ownCard = checkOf(sheet, fitCheckId(cover.id)) !== undefined;
  if (ownCard && !state.leftOut.fit && !state.leftOut.strip)
    return refused('card-before', { card: 'fit', set: cover.name ?? cover.id });
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  const open = view?.items.filter(({ item, done }) => item.before === cover.id && !done) ?? [];
  return open.length === 0
    ? ACCEPTED
    : refused('cover-waits', { items: open.map(({ item }) => item.id) });
}

export function decideAdjusterRead(
  { data }: ActOf<'adjuster.read'>,
  { sheet }: DecideContext,
): Verdict {
  return itemOf(sheet, data.item) ? ACCEPTED : refused('unknown-valve', { valve: data.item });
}

/** The right number of the right characters; one injector has one code. */
export function decideInjectorCoded(
  state: JobState,
  { data }: ActOf<'injector.coded'>,
  { sheet }: DecideContext,
): Verdict {
  const { cylinder, code } = data;
  const codes = sheet.overhead?.injectors?.codes;
  if (!codes || !sheet.layout.banks.some((bank) => bank.cylinders.includes(cylinder)))
    return refused('unknown-cylinder');
  const wrong = [...code].find((letter) => !codes.of.includes(letter));
  if (wrong !== undefined) return refused('code-letter', { letter: wrong });
  if (code.length !== codes.letters)
    return refused('code-length', { have: code.length, need: codes.letters });
  const twice = Object.entries(state.valves.codes).find(
    ([other, one]) => one.code === code && Number(other) !== cylinder,
  );
  return twice ? refused('code-twice', { cylinder: twice[0] }) : ACCEPTED;
}

function itemOf(sheet: JobSheet, id: string): SettingItem | undefined {
  return settingItems(sheet).find((item) => item.id === id);
}

/**
 * May this be worked on with the crank where it stands? On its base circle; or where the manual's own
 * table sets it, when the engine is gone round by that.
 */
function mayBeSet(sheet: JobSheet, { valves, crank }: JobState, item: SettingItem): Verdict {
  if (crank.atDeg === null || crank.overshot) return refused('crank-unknown');
  const overhead = overheadFor(sheet, [item]);
  if (typeof overhead === 'string') return refused('sheet-lacks');
  const [own] = overhead.items;
  if (!own) return refused('unknown-valve', { valve: item.id });
  if (item.after !== undefined && !valves.covers[item.after]) return refused('cover-first');
  const cycle = cycleDegrees(sheet.strokes);
  const clearanceDeg = clearanceAt(own, firingAngles(overhead.firing), crank.atDeg, cycle);
  if (atLeast(clearanceDeg, overhead.marginDeg)) return ACCEPTED;
  const book = valves.chosen?.school === 'book' ? sheet.overhead?.bookTable?.positions : undefined;
  const trusted = book?.some(({ atDeg, set }) => atDeg === crank.atDeg && set.includes(item.id));
  return trusted ? ACCEPTED : refused('not-settable-here', { valve: item.id, atDeg: crank.atDeg });
}
