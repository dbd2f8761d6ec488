import type { Scope } from './facts/scope';
import { comesOffFor, type ComesOff } from './plan/comesOff';
import { withCapsApart } from './plan/capsApart';
import { withOppositesInStep } from './plan/oppositesInStep';
import { cylindersInHand } from './plan/cylindersInHand';
import { assemblyGraph } from '../sheet/assembly/assemblyGraph';
import { clampedBy } from '../sheet/assembly/clamped';
import type { Instance } from '../sheet/assembly/instances';
import { overOf, shares } from '../sheet/assembly/over';
import { headOf } from '../sheet/assembly/references';
import { cylindersUnder } from '../sheet/cylindersUnder';
import { cylindersOf, type EngineSheet } from '../sheet/engineSheet';
import { drawnDown } from '../sheet/drawnDown';
import { mainJournal } from '../sheet/mainJournal';
import { memoizeByObject } from '../sheet/memoize';
import { heightsOf, type JournalSpec } from '../sheet/spec/block';
import type { FastenedSet, SetKind } from '../sheet/spec/fastening';

/** The sheet a job works by: its figures, and of them what the job's scope disturbs. */
export interface JobSheet extends EngineSheet {
  readonly scope: Scope;
  /** Printed numbers of the cylinders it works on. */
  readonly inHand: readonly number[];
  /** All of the engine, what stays undisturbed too. */
  readonly whole: EngineSheet;
  readonly comesOff: ComesOff;
}

/** Sets that every job has a card for: a sheet that does not say how they are tightened bars it. */
export const TOP: readonly SetKind[] = ['head', 'cylinder-base', 'cam-caps'];

/** The pieces of these kinds that come off. */
export function offOfKind(
  { whole, comesOff }: JobSheet,
  ...kinds: readonly string[]
): readonly Instance[] {
  const { instances, pieceOf } = assemblyGraph(whole);
  return instances.filter(
    ({ id }) => comesOff.because.has(id) && kinds.includes(pieceOf(id)?.kind ?? ''),
  );
}

/** Does this job take pistons and rods out? */
export const takesPistonsOut = memoizeByObject(
  (sheet: JobSheet): boolean => offOfKind(sheet, 'rod-and-piston').length > 0,
);

/** The shafts whose bearings are laid open, so that their shells come out; a rod's only where the rods do. */
export function journalsOpen(sheet: JobSheet): readonly JournalSpec[] {
  if (!openToShells(sheet)) return [];
  const { journals = [] } = sheet;
  const all = takesCrankOut(sheet) || takesPistonsOut(sheet);
  return all ? journals : journals.filter((journal) => journal === mainJournal(sheet));
}

/** Are all bearings of the crank laid open, so that their shells come out and its journals are read? */
export const openToShells = memoizeByObject((sheet: JobSheet): boolean => {
  if (takesCrankOut(sheet)) return true;
  const { instances, pieceOf } = assemblyGraph(sheet.whole);
  const caps = instances.filter(
    ({ id, over }) => pieceOf(id)?.kind === 'bearing-cap' && over.bearings !== null,
  );
  return caps.length > 0 && caps.every(({ id }) => sheet.comesOff.because.has(id));
});

/** Does any head come off, or a cylinder that is its own? Not on a job that is about a pump or a cover. */
export const takesTopsOff = memoizeByObject(
  (sheet: JobSheet): boolean =>
    sheet.scope.kind !== 'pieces' || offOfKind(sheet, 'head', 'cylinder').length > 0,
);

/** Does the camshaft come off with the head, and the drive with it? */
export function camInHead({ overhead, head }: EngineSheet): boolean {
  return overhead?.gear === 'overhead-cam' || head?.camInHead === true;
}

/** Is the timing taken apart on this job, so that it is set on a card of its own? */
export const timesEngine = memoizeByObject(
  (sheet: JobSheet): boolean => sheet.timing !== undefined && offOfKind(sheet, 'drive').length > 0,
);

/** Is a head taken apart, and not only lifted? */
export function takesHeadApart({ scope }: JobSheet): boolean {
  return scope.kind === 'top-end' || scope.kind === 'in-frame' || scope.kind === 'everything';
}

/** Do liners go in again: may they be placed, and are their seals renewed? */
export function fitsLiners(sheet: JobSheet): boolean {
  return hasWetLiners(sheet) && offOfKind(sheet, 'liner').length > 0;
}

/** Does the crankshaft come out of its bearings, so that it is measured on the bench? */
export function takesCrankOut(sheet: JobSheet): boolean {
  return offOfKind(sheet, 'crank').length > 0;
}

/** Printed numbers of the cylinders a job works on, in block order. */
export function cylindersInScope(sheet: JobSheet): readonly number[] {
  return sheet.inHand;
}

/**
 * The sets a job takes apart and puts together: those that clamp something that comes off. In the order they
 * go on: none before all it clamps lies in place.
 */
export const setsInScope = memoizeByObject((sheet: JobSheet): readonly FastenedSet[] => {
  const { whole, comesOff, scope } = sheet;
  const place = new Map(comesOff.back.map((id, at) => [id, at]));
  const lastOf = new Map<string, number>();
  const clamping = new Set<string>();
  for (const { set, clamps } of clampedBy(whole)) {
    if (clamps.length > 0) clamping.add(set);
    const places = clamps.flatMap((id) => place.get(id) ?? []);
    if (places.length > 0) lastOf.set(set, Math.max(lastOf.get(set) ?? 0, ...places));
  }
  // What a set clamps is not always known: it still has its card where nobody may take its absence for "not needed".
  const asked = ({ id, kind }: FastenedSet): boolean =>
    !clamping.has(id) &&
    (scope.kind === 'everything' || (TOP.includes(kind) && takesTopsOff(sheet)));
  return (sheet.fastenedSets ?? [])
    .filter((set) => lastOf.has(set.id) || asked(set))
    .map((set) => ({ set, at: lastOf.get(set.id) ?? comesOff.back.length }))
    .sort((a, b) => a.at - b.at)
    .map(({ set }) => set);
});

/** Of them, those that have a card to be pulled down on: what is known of the others stands in the manual alone. */
export const setsToTighten = memoizeByObject((sheet: JobSheet): readonly FastenedSet[] =>
  setsInScope(sheet).filter(({ kind, programme }) => TOP.includes(kind) || programme !== undefined),
);

/**
 * The sheet cut down to what a scope disturbs: one instance of a set that has several, the valves whose gear
 * comes off. What it prints of the rest stays on the sheet itself.
 * @returns the same object for the same sheet and scope: plans are worked out once for each sheet
 */
export function scopedSheet(sheet: EngineSheet, scope: Scope): JobSheet {
  const known = scopedKnown(sheet);
  const key = JSON.stringify(scope);
  const before = known.get(key);
  if (before) return before;
  const scoped = scopeOver(sheet, scope);
  known.set(key, scoped);
  return scoped;
}

const scopedKnown = memoizeByObject((_: EngineSheet) => new Map<string, JobSheet>());

function scopeOver(sheet: EngineSheet, scope: Scope): JobSheet {
  const cylinders = cylindersInHand(sheet, scope);
  const comesOff = comesOffFor(sheet, scope);
  const whole = withOppositesInStep(withCapsApart(sheet, comesOff), comesOff);
  const scoped: JobSheet = {
    ...whole,
    ...(whole.fastenedSets && { fastenedSets: whole.fastenedSets.map(drawnDown) }),
    scope,
    inHand: cylinders,
    whole,
    comesOff,
  };
  if (cylinders.length === cylindersOf(sheet).length) return scoped;
  const { overhead, fastenedSets } = scoped;
  const valves = valvesDisturbed(scoped);
  const ids = new Set(valves.map(({ id }) => id));
  const table = overhead?.bookTable;
  return {
    ...scoped,
    ...(fastenedSets && {
      fastenedSets: fastenedSets.map((set) => ofInstances(sheet, set, instancesOf(scoped, set))),
    }),
    ...(overhead && {
      overhead: {
        ...overhead,
        valves,
        ...(table && {
          bookTable: {
            ...table,
            positions: table.positions
              .map((position) => ({ ...position, set: position.set.filter((id) => ids.has(id)) }))
              .filter((position) => position.set.length > 0),
          },
        }),
      },
    }),
  };
}

/** Is anything of the overhead lost, so that it is set? A sheet without one is asked for it wherever heads come off. */
export function losesGaps(sheet: JobSheet): boolean {
  return takesTopsOff(sheet) || (sheet.overhead?.valves ?? []).length > 0;
}

/** What a valve's gap hangs on, where the sheet does not say what it needs. */
const VALVE_GEAR: readonly string[] = [
  'head',
  'cylinder',
  'camshaft',
  'rocker-shaft',
  'push-rod',
  'tappet',
];

/** The valves whose gaps are lost: a shaft over four cylinders takes the gaps of all four with it. */
function valvesDisturbed(sheet: JobSheet) {
  const { whole, comesOff, inHand } = sheet;
  const { assembly, instances, pieceOf } = assemblyGraph(whole);
  const needed = new Set(
    assembly.acts.flatMap(({ act, needs = [] }) => (act === 'set-valves' ? needs : [])).map(headOf),
  );
  const gearKinds = whole.overhead?.injectors?.setting ? [...VALVE_GEAR, 'injector'] : VALVE_GEAR;
  const gear = instances.filter(
    ({ id, of }) =>
      comesOff.because.has(id) && (needed.has(of) || gearKinds.includes(pieceOf(id)?.kind ?? '')),
  );
  return (whole.overhead?.valves ?? []).filter(({ id, cylinder }) => {
    const own = overOf(whole, { valves: [id] });
    return inHand.includes(cylinder) || gear.some(({ over }) => shares(over, own));
  });
}

/** The instances of a set that are loosened; of one that is not, those of the cylinders in hand. */
function instancesOf({ whole, comesOff, inHand }: JobSheet, set: FastenedSet): readonly string[] {
  const loosened = new Set(
    clampedBy(whole)
      .filter(
        ({ set: of, clamps }) => of === set.id && clamps.some((id) => comesOff.because.has(id)),
      )
      .map(({ instance }) => instance),
  );
  if (loosened.size > 0) return set.instances.filter((instance) => loosened.has(instance));
  return set.instances.filter((instance) =>
    cylindersUnder(whole, set, instance).some((cylinder) => inHand.includes(cylinder)),
  );
}

/** A set of only some of its instances; of a single one, its map shows that one's own cylinders. */
function ofInstances(
  sheet: EngineSheet,
  set: FastenedSet,
  instances: readonly string[],
): FastenedSet {
  const [only, ...others] = instances;
  const { bores = [] } = set.map;
  if (only === undefined || others.length > 0 || set.instances.length === 1) {
    return { ...set, instances };
  }
  const cylinders = cylindersUnder(sheet, set, only);
  if (cylinders.length !== bores.length) return { ...set, instances };
  const fromCylinder1End = [...bores].sort((a, b) => a.xMm - b.xMm);
  const shown = fromCylinder1End.map((bore, place) => ({
    ...bore,
    cylinder: cylinders[place] ?? bore.cylinder,
  }));
  return { ...set, instances, map: { ...set.map, bores: shown } };
}

/** Are there liners sealed by the head alone, which lift with it or with the crank? */
export function hasWetLiners(sheet: EngineSheet): boolean {
  return heightsOf(sheet.liners) !== null;
}
