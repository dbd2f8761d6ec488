import { cylindersOf } from '../sheet/engineSheet';
import { assemblyGraph } from '../sheet/assembly/assemblyGraph';
import { cylinderOverPiston } from '../sheet/pistonRoute';
import { memoizeByObject } from '../sheet/memoize';
import type { TemporaryBars } from '../sheet/spec/assembly';
import type { FastenedSet } from '../sheet/spec/fastening';
import { viewsOn } from './checks/views';
import { seenOf } from './checks/state';
import { stillLive } from './cards/dead/checks';
import { openCaps } from './cards/bearings/caps';
import { isOn } from './cards/fit/isOn';
import {
  clampersOf,
  isLoose,
  isPulledAgain,
  looseningRun,
  looseningsOf,
} from './cards/strip/loosening';
import { isRodHeld } from './cards/pistons/rodPull';
import { timingView } from './cards/timing/view';
import { HELD_BY, type CrankHold, type Move } from './facts/crank';
import { linersLoose } from './linersLoose';
import { temporaryPartName, temporaryPartsBarring, temporaryPartsIn } from './register';
import { isBegun, runDone, runView } from './run/runView';
import { camInHead, offOfKind, timesEngine, type JobSheet } from './scope';
import { STRIP } from './slackening';
import type { JobState } from './state';
import { refused, type Verdict } from './verdict';

/**
 * May crank, cams and what they drive be turned? Every reason why not, those that hurt people first: hands in, not
 * dead, something left in, jacks on, wet liners that would lift with their pistons, through bolts slack at either end,
 * a crank that hangs in less than all but one of its caps, a rod without its cap, a piston that hangs on its rod without
 * its cylinder, valves that stand open with nothing to shut them in time. None: nothing that is known holds it, which is
 * not to say that it is clear.
 */
export function holdsOnTurning(
  sheet: JobSheet,
  state: JobState,
  move: Move = 'any',
): readonly CrankHold[] {
  const uncapped = rodsUncapped(sheet, state);
  const hanging = pistonsHanging(sheet, state);
  return [
    ...holdsOnMoving(sheet, state, 'turn'),
    ...holdIf(throughBoltsSlack(sheet, state), 'through-bolts-slack'),
    ...holdIf(move !== 'of-the-programme' && crankHangs(sheet, state), 'crank-hangs'),
    ...(uncapped.length > 0 ? [{ code: 'rod-uncapped' as const, what: uncapped.join(', ') }] : []),
    ...(hanging.length > 0 ? [{ code: 'piston-hangs' as const, what: hanging.join(', ') }] : []),
    ...holdIf(move !== 'of-the-timing' && valvesUntimed(sheet, state), 'drive-open'),
  ];
}

/** What holds an engine that is moved at all, its crank turned or all of it turned over: hands, life, what is still in. */
export function holdsOnMoving(
  sheet: JobSheet,
  state: JobState,
  bars: TemporaryBars,
): readonly CrankHold[] {
  return [
    ...state.hands.map(({ where }) => ({ code: 'hands-in' as const, what: where })),
    ...holdIf(stillLive(sheet, state.checks).length > 0, 'still-live'),
    ...temporaryPartsBarring(state.register, bars).map((part) => ({
      code: 'temporary-part-in' as const,
      what: temporaryPartName(part),
    })),
    ...holdIf(jacksOn(sheet, state), 'jacks-on'),
    ...holdIf(linersLoose(sheet, state), 'liners-loose'),
  ];
}

function holdIf(holds: boolean, code: CrankHold['code']): readonly CrankHold[] {
  return holds ? [{ code }] : [];
}

/** Why an act that turns the crank is refused; null when nothing is known that holds it. */
export function refusedTurning(
  sheet: JobSheet,
  state: JobState,
  move: Move = 'any',
): Verdict | null {
  const holds = holdsOnTurning(sheet, state, move);
  return holds.length > 0 ? refused('crank-held', { holds }) : null;
}

/** Is something in that lets the crank turn although this holds it: plates on through bolts, guides of pistons? */
function isHeldMeanwhile(
  { register }: Pick<JobState, 'register'>,
  code: keyof typeof HELD_BY,
): boolean {
  return temporaryPartsIn(register).some(({ kind }) => kind === HELD_BY[code]);
}

const throughBolted = memoizeByObject(({ fastenedSets = [] }: JobSheet): readonly FastenedSet[] =>
  fastenedSets.filter(({ groups }) => groups.some(({ sort }) => sort === 'through-bolt')),
);

/**
 * Are bolts that go through the case let go, or begun to be pulled, on any cylinder, and not all of them down?
 * Slack at one end is slack at both. Without a crank in it, or open, the case has nothing to work on.
 */
function throughBoltsSlack(sheet: JobSheet, state: JobState): boolean {
  const sets = throughBolted(sheet);
  if (sets.length === 0 || isHeldMeanwhile(state, 'through-bolts-slack')) return false;
  if (isCrankOut(sheet, state)) return false;
  return sets.some((set) => {
    if (isCaseOpen(sheet, state, set)) return false;
    const begun = new Set(begunRuns(state, set).map(({ instance }) => instance));
    // What they clamp is off, under whatever run they were let go.
    for (const { set: of, instance, clamps } of looseningsOf(sheet))
      if (of.id === set.id && clamps.some((id) => state.pieces.off[id])) begun.add(instance);
    return [...begun].some((instance) => {
      const pull = { set: set.id, instance, programme: set.programme?.id ?? '' };
      const view = runView(sheet, pull, state.runs, '');
      return view !== null && !runDone(view);
    });
  });
}

/** Is what the bolts go through apart, so that there is no case to work on its bearings? */
function isCaseOpen(sheet: JobSheet, state: JobState, { id }: FastenedSet): boolean {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const clamped = looseningsOf(sheet).flatMap(({ set, clamps }) => (set.id === id ? clamps : []));
  return clamped.some((piece) => pieceOf(piece)?.kind !== 'cylinder' && !isOn(sheet, state, piece));
}

/** The runs of a set that were begun, letting go or pulling. */
function begunRuns({ runs }: JobState, { id: set, instances, programme }: FastenedSet) {
  return instances
    .flatMap((instance) =>
      [programme?.id ?? '', STRIP].map((run) => ({ set, instance, programme: run })),
    )
    .filter((name) => isBegun(runs, name));
}

/** Is the crank off, and not yet in its shells again? */
function isCrankOut(sheet: JobSheet, { checks, leftOut, pieces }: JobState): boolean {
  const isOff = offOfKind(sheet, 'crank').some(({ id }) => pieces.off[id]);
  return isOff && !leftOut.shells && !viewsOn(sheet, checks, 'shells').every(({ done }) => done);
}

const stretched = memoizeByObject(({ fastenedSets = [] }: JobSheet): readonly FastenedSet[] =>
  fastenedSets.filter(({ programme }) =>
    programme?.cycles.some(({ stages }) => stages.some(({ kind }) => kind === 'hydraulic')),
  ),
);

/** Are studs being stretched: some of a stage done, and some not? */
function jacksOn(sheet: JobSheet, state: JobState): boolean {
  return stretched(sheet).some((set) =>
    begunRuns(state, set).some((name) => {
      const stage = runView(sheet, name, state.runs, '')?.current;
      return (
        stage?.stage.kind === 'hydraulic' && stage.bolts.some(({ attempts }) => attempts.length > 0)
      );
    }),
  );
}

/** Is more than one main cap off while the crank hangs in them? Upside down it lies in the block. */
function crankHangs(sheet: JobSheet, state: JobState): boolean {
  if (state.attitude.stands === 'inverted' || isCrankOut(sheet, state)) return false;
  if (openCaps(sheet, state).length > 1) return true;
  const caps = offOfKind(sheet, 'bearing-cap').filter(({ over }) => over.bearings !== null);
  const isOpen = (id: string): boolean =>
    clampersOf(sheet, id).length > 0
      ? isLoose(sheet, state, id) && !isPulledAgain(sheet, state, id)
      : state.pieces.off[id] !== undefined && !isOn(sheet, state, id);
  return caps.filter(({ id }) => isOpen(id)).length > 1;
}

/** Printed numbers of the cylinders whose rod has no cap, and is in: it would strike the case as it comes round. */
function rodsUncapped(sheet: JobSheet, state: JobState): readonly number[] {
  const { checks, leftOut, pieces } = state;
  const rods = offOfKind(sheet, 'rod-and-piston', 'rod');
  const isUncapped = (id: string): boolean =>
    clampersOf(sheet, id).some((clamper) => {
      if (clamper.set.kind !== 'rod-caps') return false;
      const run = looseningRun(sheet, state, clamper, '');
      return run !== null && runDone(run);
    });
  const goingIn = (cylinder: number): boolean => {
    const seen = (step: string): boolean =>
      seenOf(checks, 'in-bore', String(cylinder), step)?.found === 'good';
    return !leftOut.pistons && seen('in') && !isRodHeld(sheet, state, cylinder);
  };
  const hasCaps = !cylinderOverPiston(sheet);
  return rods
    .filter(({ id }) => !pieces.off[id] && !leftOut.strip && isUncapped(id))
    .flatMap(({ over }) => [...(over.cylinders ?? [])])
    .concat(hasCaps ? sheet.inHand.filter(goingIn) : [])
    .filter((cylinder, place, all) => all.indexOf(cylinder) === place)
    .sort((a, b) => cylindersOf(sheet).indexOf(a) - cylindersOf(sheet).indexOf(b));
}

/** Printed numbers of separate cylinders that are off while their pistons hang on their rods, and nothing guides them. */
function pistonsHanging(sheet: JobSheet, state: JobState): readonly number[] {
  if (!cylinderOverPiston(sheet) || isHeldMeanwhile(state, 'piston-hangs')) return [];
  const { instances, pieceOf } = assemblyGraph(sheet.whole);
  const isOff = (kind: string, cylinder: number): boolean =>
    instances
      .filter(({ id, over }) => pieceOf(id)?.kind === kind && over.cylinders?.has(cylinder))
      .some(({ id }) => !isOn(sheet, state, id));
  return cylindersOf(sheet).filter(
    (cylinder) => isOff('cylinder', cylinder) && !isOff('rod-and-piston', cylinder),
  );
}

/** Is the drive off while cams hold valves open in a head that is on? A piston that comes up strikes them. */
function valvesUntimed(sheet: JobSheet, state: JobState): boolean {
  if (!timesEngine(sheet) || state.leftOut.timing) return false;
  const isOpen = offOfKind(sheet, 'drive').some(({ id }) => state.pieces.off[id]);
  if (!isOpen || !timingView(sheet, state)?.next) return false;
  const { instances, pieceOf } = assemblyGraph(sheet.whole);
  const isAnyOn = (...kinds: readonly string[]): boolean => {
    const ofKinds = instances.filter(({ id }) => kinds.includes(pieceOf(id)?.kind ?? ''));
    return ofKinds.length === 0 || ofKinds.some(({ id }) => isOn(sheet, state, id));
  };
  // Without its rockers a head with push rods has every valve shut.
  return isAnyOn('head', 'cylinder') && isAnyOn(camInHead(sheet) ? 'camshaft' : 'rocker-shaft');
}
