import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { mainJournal } from '../../../sheet/mainJournal';
import { isTaken, type CheckView } from '../../checks/view';
import { viewsOn } from '../../checks/views';
import { runDone } from '../../run/runView';
import type { RunView } from '../../run/views';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { shellItem, shellsFoundId, thrustCheckId } from '../shells/checks';
import { offStep, type OffGroup, type OffStep } from '../strip/view';
import { capRun, capsOneByOne, isCapOpen, type MainCap } from './caps';
import { bearingCheckId, ROLLED_IN, ROLLED_OUT } from './checks';

/** What is next at a bearing. */
export type BearingStep =
  /** Its cap is on its way off. */
  | { readonly kind: 'off'; readonly group: OffGroup; readonly step: OffStep }
  /** How an old shell was found. */
  | { readonly kind: 'shell'; readonly view: CheckView; readonly item: string }
  /** Something looked at or read while the cap is off. */
  | { readonly kind: 'check'; readonly view: CheckView }
  /** Its cap is pulled down, and the crank turned by hand after it. */
  | { readonly kind: 'pull'; readonly run: RunView };

/** Where one bearing stands. */
export interface BearingView {
  readonly cap: MainCap;
  /** Null once it is closed again. */
  readonly step: BearingStep | null;
  /** Its cap is let go or off. */
  readonly open: boolean;
}

/**
 * The bearings of a crank that stays in, in the order they are opened.
 * @param now ISO time
 */
export function bearingViews(
  sheet: JobSheet,
  state: JobState,
  now: string,
): readonly BearingView[] {
  return capsOneByOne(sheet).map((cap) => ({
    cap,
    step: bearingStep(sheet, state, now, cap),
    open: isCapOpen(sheet, state, cap),
  }));
}

/** The bearing to go on with: the one that is open, else the next in the order; null once all are closed again. */
export function bearingNext(views: readonly BearingView[]): BearingView | null {
  const left = views.filter(({ step }) => step !== null);
  return left.find(({ open }) => open) ?? left[0] ?? null;
}

/**
 * What is to be done next at one bearing: cap off, its shells looked at, the old one rolled out and the new one in, cap
 * on and pulled, the crank turned.
 * @returns null once it is done
 */
export function bearingStep(
  sheet: JobSheet,
  state: JobState,
  now: string,
  cap: MainCap,
): BearingStep | null {
  const piece = assemblyGraph(sheet.whole).pieceOf(cap.piece);
  if (!piece) return null;
  const group: OffGroup = { piece, instances: [cap.piece], single: true };
  const step = offStep(sheet, state, now, group);
  if (step) return { kind: 'off', group, step };
  const laying = whileOff(sheet, state, cap);
  if (laying) return laying;
  const run = capRun(sheet, state, cap, now);
  return run && !runDone(run) ? { kind: 'pull', run } : null;
}

/** The first thing that is not done yet of what is done while a cap is off. */
function whileOff(sheet: JobSheet, state: JobState, cap: MainCap): BearingStep | null {
  const { checks } = state;
  const views = viewsOn(sheet, checks, 'bearings');
  const journal = mainJournal(sheet);
  const found = journal && views.find(({ check }) => check.id === shellsFoundId(journal));
  const isFound = (half: 'lower' | 'upper'): boolean =>
    !found || isTaken(checks, found.check, shellItem(cap.bearing, half), '');
  const own = views.find(({ check }) => check.id === bearingCheckId(cap.bearing));
  const isOut = own && isTaken(checks, own.check, cap.bearing, ROLLED_OUT);
  const half = !isFound('lower') ? 'lower' : isOut && !isFound('upper') ? 'upper' : null;
  if (found && half) return { kind: 'shell', view: found, item: shellItem(cap.bearing, half) };
  const ofCap = views.filter(
    ({ check }) => check !== own?.check && check.set === cap.set && check.instance === cap.instance,
  );
  const bolts = ofCap.filter(({ check }) => check.kind !== 'clearances');
  const clearance = ofCap.filter(({ check }) => check.kind === 'clearances');
  const thrust = views.filter(
    ({ check }) => cap.thrust && journal && check.id === thrustCheckId(journal),
  );
  const isIn = own && isTaken(checks, own.check, cap.bearing, ROLLED_IN);
  const laid = own ? [own] : [];
  // Bolts and holes are seen to while the cap is off, the clearance once the new shells are in, and then the cap goes on.
  const order = !isOut
    ? laid
    : isIn
      ? [...bolts, ...clearance, ...thrust, ...laid]
      : [...bolts, ...laid, ...clearance, ...thrust];
  const first = order.find(({ done }) => !done);
  return first ? { kind: 'check', view: first } : null;
}
