import { SCOPES, type ScopeKind, type Scope } from './facts/scope';
import { cylindersUnder } from '../sheet/cylindersUnder';
import { cylindersOf, type EngineSheet } from '../sheet/engineSheet';
import { memoizeByObject } from '../sheet/memoize';
import { heightsOf } from '../sheet/spec/block';
import type { FastenedSet, SetKind } from '../sheet/spec/fastening';

/** The sheet a job works by: its figures, and of them what the job's scope disturbs. */
export interface JobSheet extends EngineSheet {
  readonly scope: Scope;
  /** Printed numbers of the cylinders it works on. */
  readonly inHand: readonly number[];
}

/** Sets that every job has a card for: a sheet that does not say how they are tightened bars it. */
export const TOP: readonly SetKind[] = ['head', 'cylinder-base', 'cam-caps'];
const BOTTOM: readonly SetKind[] = ['main-caps', 'rod-caps'];
const REST: readonly SetKind[] = [
  'rockers',
  'injector-clamps',
  'manifold',
  'flywheel',
  'pulley',
  'cover',
];
/** Bolted on while the timing is set. */
const TIMED: SetKind = 'timing-wheels';

/** Kinds of sets in the order they go on, by scope. */
const SETS: Readonly<Record<ScopeKind, readonly SetKind[]>> = {
  gasket: [...TOP, TIMED],
  'one-head': [...TOP, TIMED],
  'one-cylinder': ['rod-caps', ...TOP],
  'top-end': [...TOP, TIMED],
  'in-frame': [...BOTTOM, ...TOP, TIMED],
  everything: [...BOTTOM, ...TOP, TIMED, ...REST],
};

/** Does this scope take pistons, liners and rods out? */
export function takesPistonsOut({ kind }: Scope): boolean {
  return kind === 'one-cylinder' || kind === 'in-frame' || kind === 'everything';
}

/** Are all bearings of the crank laid open, so that their shells come out and its journals are read? */
export function openToShells({ scope }: JobSheet): boolean {
  return scope.only === undefined && takesPistonsOut(scope);
}

/** Does the camshaft come off with the head, and the drive with it? */
export function camInHead({ overhead, head }: EngineSheet): boolean {
  return overhead?.gear === 'overhead-cam' || head?.camInHead === true;
}

/** Is the timing taken apart on this job, so that it is set on a card of its own? */
export function timesEngine(sheet: JobSheet): boolean {
  const { scope, timing } = sheet;
  if (!timing) return false;
  return scope.kind === 'everything' || (scope.kind !== 'one-cylinder' && camInHead(sheet));
}

/** Is a head taken apart, and not only lifted? */
export function takesHeadApart({ scope }: JobSheet): boolean {
  return scope.kind === 'top-end' || scope.kind === 'in-frame' || scope.kind === 'everything';
}

/** Do liners go in again: may they be placed, and are their seals renewed? */
export function fitsLiners(sheet: JobSheet): boolean {
  return takesPistonsOut(sheet.scope) && hasWetLiners(sheet);
}

/** Does the crankshaft come out of its bearings, so that it is measured on the bench? */
export function takesCrankOut({ kind }: Scope): boolean {
  return kind === 'everything';
}

/** Does this scope ask which head or which cylinder? */
export function asksWhich(kind: ScopeKind): boolean {
  return kind === 'one-head' || kind === 'one-cylinder';
}

/** What a scope may be narrowed to: the heads, or the cylinders, of this engine. */
export function scopeChoices(sheet: EngineSheet, kind: ScopeKind): readonly string[] {
  if (kind === 'one-cylinder') return cylindersOf(sheet).map(String);
  if (kind === 'one-head') return headSet(sheet)?.instances ?? [];
  return [];
}

/** Scopes that make sense for an engine: one head of several only where there are several. */
export function scopesFor(sheet: EngineSheet): readonly ScopeKind[] {
  const heads = headSet(sheet)?.instances.length ?? 0;
  return SCOPES.filter((kind) => kind !== 'one-head' || heads > 1);
}

function headSet(sheet: EngineSheet): FastenedSet | undefined {
  const sets = sheet.fastenedSets ?? [];
  return (
    sets.find(({ kind }) => kind === 'head') ?? sets.find(({ kind }) => kind === 'cylinder-base')
  );
}

/** Printed numbers of the cylinders a job works on, in block order. */
export function cylindersInScope(sheet: JobSheet): readonly number[] {
  return sheet.inHand;
}

/** The cylinders a scope takes in on a whole sheet. */
export function cylindersOfScope(sheet: EngineSheet, scope: Scope): readonly number[] {
  const all = cylindersOf(sheet);
  if (scope.only === undefined) return all;
  const only =
    scope.kind === 'one-head'
      ? cylindersUnder(sheet, headSet(sheet), scope.only)
      : [Number(scope.only)];
  return all.filter((cylinder) => only.includes(cylinder));
}

/** The sets a job takes apart and puts together, in the order they go on. */
export const setsInScope = memoizeByObject((sheet: JobSheet): readonly FastenedSet[] =>
  SETS[sheet.scope.kind]
    .filter((kind) => kind !== TIMED || timesEngine(sheet))
    .flatMap((kind) => (sheet.fastenedSets ?? []).filter((set) => set.kind === kind)),
);

/** Is `to` at least as far into the engine as `from`, and not the same? */
export function widens(sheet: EngineSheet, from: Scope, to: Scope): boolean {
  const rank = ({ kind }: Scope): number => SCOPES.indexOf(kind);
  const [before, wider] = [cylindersOfScope(sheet, from), cylindersOfScope(sheet, to)];
  return (
    rank(to) >= rank(from) &&
    before.every((cylinder) => wider.includes(cylinder)) &&
    (rank(to) > rank(from) || wider.length > before.length)
  );
}

/**
 * The sheet cut down to what a scope disturbs: one instance of a set that has several, the valves of
 * the cylinders in hand. What it prints of the rest stays on the sheet itself.
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
  const cylinders = cylindersOfScope(sheet, scope);
  const scoped: JobSheet = { ...sheet, scope, inHand: cylinders };
  if (cylinders.length === cylindersOf(sheet).length) return scoped;
  const { overhead, fastenedSets } = sheet;
  const valves = overhead?.valves.filter(({ cylinder }) => cylinders.includes(cylinder)) ?? [];
  const ids = new Set(valves.map(({ id }) => id));
  const table = overhead?.bookTable;
  return {
    ...scoped,
    ...(fastenedSets && {
      fastenedSets: fastenedSets.map((set) =>
        ofInstances(
          sheet,
          set,
          set.instances.filter((instance) =>
            cylindersUnder(sheet, set, instance).some((cylinder) => cylinders.includes(cylinder)),
          ),
        ),
      ),
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
