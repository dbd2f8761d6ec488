import { clampedBy } from '../../sheet/assembly/clamped';
import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { SetByInstance } from '../../sheet/ofInstance';
import { groupOf } from '../../sheet/programmeOf';
import {
  isSheetPause,
  type FastenedSet,
  type MapBore,
  type SetMap,
  type SheetFastener,
  type SheetPullStage,
  type SheetStage,
} from '../../sheet/spec/fastening';
import type { ComesOff } from './comesOff';

/** Two instances of a set that hold cylinders opposite each other, with bolts through the case between them. */
type Pair = readonly [near: string, far: string];

/** A bolt with a nut at either end, each drawn where it is seen. */
interface ThroughFastener extends SheetFastener {
  readonly farEnd: { readonly xMm: number; readonly yMm: number };
}

/** Between the two maps, laid side by side. */
const APART_MM = 60;

/**
 * The sheet with the nuts of two cylinders opposite each other as one run, where both come off: their stages are pulled
 * in step, a side each, and a bolt that goes through to the other is one bolt with two ends. Of a single cylinder that
 * comes off the one opposite keeps its own nuts: only the ends of the bolts it shares are pulled.
 */
export function withOppositesInStep(sheet: EngineSheet, comesOff: ComesOff): EngineSheet {
  const { fastenedSets } = sheet;
  if (!fastenedSets?.some(hasThroughBolts)) return sheet;
  return {
    ...sheet,
    fastenedSets: fastenedSets.map((set) =>
      hasThroughBolts(set) ? inStep(sheet, set, comesOff) : set,
    ),
  };
}

function hasThroughBolts(set: FastenedSet): boolean {
  return set.groups.some(({ sort }) => sort === 'through-bolt') && set.instances.length > 1;
}

function isThrough(set: FastenedSet, fastener: SheetFastener): boolean {
  return groupOf(set, fastener)?.sort === 'through-bolt';
}

function inStep(sheet: EngineSheet, set: FastenedSet, { because }: ComesOff): FastenedSet {
  const own = ownPieces(sheet, set);
  const pairs = pairsOf(sheet, set, own);
  const isOff = (instance: string): boolean =>
    (own.get(instance) ?? []).some((id) => because.has(id));
  const both = pairs.filter((pair) => pair.every(isOff));
  const staying = pairs.flatMap((pair) =>
    pair.some(isOff) ? pair.filter((instance) => !isOff(instance)) : [],
  );
  const alone = set.instances.filter(
    (instance) => !staying.includes(instance) && !both.some((pair) => pair.includes(instance)),
  );
  if (both.length === 0) return { ...set, instances: alone };
  return joined(sheet, set, both, alone);
}

/** What only one instance holds, by the instance: its own cylinder. */
function ownPieces(
  sheet: EngineSheet,
  { id, fasteners, groups }: FastenedSet,
): ReadonlyMap<string, readonly string[]> {
  const nuts = new Set(
    fasteners.flatMap((entry) =>
      groupOf({ groups }, entry)?.sort === 'through-bolt' ? [] : entry.id,
    ),
  );
  const own = new Map<string, readonly string[]>();
  for (const { set, instance, fastener, clamps } of clampedBy(sheet))
    if (set === id && nuts.has(fastener)) own.set(instance, clamps);
  return own;
}

/** Instances whose through bolts also hold what another holds by its own nuts. */
function pairsOf(
  sheet: EngineSheet,
  set: FastenedSet,
  own: ReadonlyMap<string, readonly string[]>,
): readonly Pair[] {
  const through = new Set(set.fasteners.flatMap((f) => (isThrough(set, f) ? f.id : [])));
  const oppositeOf = (instance: string): string | undefined => {
    const held = new Set(
      clampedBy(sheet).flatMap((entry) =>
        entry.set === set.id && entry.instance === instance && through.has(entry.fastener)
          ? entry.clamps
          : [],
      ),
    );
    return set.instances.find(
      (other) => other !== instance && (own.get(other) ?? []).some((id) => held.has(id)),
    );
  };
  return set.instances.flatMap((near, at): Pair[] => {
    const far = oppositeOf(near);
    const isFirst = far !== undefined && set.instances.indexOf(far) > at;
    return isFirst && oppositeOf(far) === near ? [[near, far]] : [];
  });
}

/** The run of a pair, by a name that fits a key. */
function pairName([near, far]: Pair): string {
  return `${near}-${far}`;
}

function joined(
  sheet: EngineSheet,
  set: FastenedSet,
  pairs: readonly Pair[],
  alone: readonly string[],
): SetByInstance {
  const { fasteners, map } = set;
  const heldBy = new Map(
    clampedBy(sheet)
      .filter((entry) => entry.set === set.id)
      .map((entry) => [`${entry.instance}/${entry.fastener}`, entry.clamps]),
  );
  const rightMm = map.widthMm + APART_MM;
  const at = (pair: Pair, fastener: SheetFastener, instance: string): SheetFastener => {
    const { clampsAt: _, clamps: __, ...kept } = fastener;
    return {
      ...kept,
      id: `${instance}.${fastener.id}`,
      number: `${instance}-${fastener.number}`,
      xMm: fastener.xMm + (instance === pair[1] ? rightMm : 0),
      clamps: heldBy.get(`${instance}/${fastener.id}`) ?? [],
    };
  };
  const boltsOf = (pair: Pair): readonly SheetFastener[] =>
    fasteners.flatMap((fastener): readonly SheetFastener[] => {
      if (!isThrough(set, fastener)) return pair.map((instance) => at(pair, fastener, instance));
      const through: ThroughFastener = {
        ...at(pair, fastener, pair[0]),
        id: `${pairName(pair)}.${fastener.id}`,
        number: fastener.number,
        farEnd: { xMm: fastener.xMm + rightMm, yMm: fastener.yMm },
      };
      return [through];
    });
  const bolts = new Map(pairs.map((pair) => [pairName(pair), boltsOf(pair)]));
  const idsOf = (list: readonly SheetFastener[]): readonly string[] => list.map(({ id }) => id);
  return {
    ...set,
    instances: [...bolts.keys(), ...alone],
    fasteners: [...[...bolts.values()].flat(), ...(alone.length > 0 ? fasteners : [])],
    boltsAt: {
      ...Object.fromEntries([...bolts].map(([name, list]) => [name, idsOf(list)])),
      ...Object.fromEntries(alone.map((instance) => [instance, idsOf(fasteners)])),
    },
    mapAt: {
      ...Object.fromEntries(pairs.map((pair) => [pairName(pair), sideBySide(sheet, set, pair)])),
    },
    ...(set.programme && {
      programme: {
        ...set.programme,
        cycles: set.programme.cycles.map((cycle) => ({
          ...cycle,
          stages: cycle.stages.map((stage) => stageOf(set, stage, pairs, alone.length > 0)),
        })),
      },
    }),
  };
}

/** A stage of all pairs: of each its through bolts, then the nuts of either side in their own order. */
function stageOf(
  set: FastenedSet,
  stage: SheetStage,
  pairs: readonly Pair[],
  singlesToo: boolean,
): SheetStage {
  if (isSheetPause(stage)) return stage;
  const through = new Set(set.fasteners.flatMap((f) => (isThrough(set, f) ? f.id : [])));
  const idsAt = (list: readonly string[], pair: Pair, instance: string): readonly string[] =>
    list.flatMap((id) =>
      through.has(id)
        ? instance === pair[0]
          ? `${pairName(pair)}.${id}`
          : []
        : `${instance}.${id}`,
    );
  const ofPairs = (list: readonly string[]): readonly string[] =>
    pairs.flatMap((pair) => pair.flatMap((instance) => idsAt(list, pair, instance)));
  const { order, leaveOut, farSide: _, ...kept } = stage as SheetPullStage & { farSide?: unknown };
  const all = (list: readonly string[]): readonly string[] => [
    ...ofPairs(list),
    ...(singlesToo ? list : []),
  ];
  const far = stage.together ? [] : pairs.flatMap((pair) => idsAt(order, pair, pair[1]));
  return {
    ...kept,
    order: all(order),
    ...(leaveOut && { leaveOut: all(leaveOut) }),
    ...(far.length > 0 && { farSide: far }),
  } as SheetStage;
}

/** The maps of a pair, near at the left, each with the number of its cylinder. */
function sideBySide(sheet: EngineSheet, { map }: FastenedSet, pair: Pair): SetMap {
  const { instances } = assemblyGraph(sheet);
  const cylinderOf = (place: string): number | undefined => {
    const own = instances.find(
      (entry) => entry.place === place && entry.over.cylinders?.size === 1,
    );
    return [...(own?.over.cylinders ?? [])][0];
  };
  const bores = pair.flatMap((instance, side) =>
    (map.bores ?? []).map((bore): MapBore => ({
      ...bore,
      cylinder: cylinderOf(instance) ?? bore.cylinder,
      xMm: bore.xMm + side * (map.widthMm + APART_MM),
    })),
  );
  return { ...map, widthMm: 2 * map.widthMm + APART_MM, bores };
}
