import { memoizeByObject } from './memoize';
import { isSheetPause, type FastenedSet, type SetMap, type SheetStage } from './spec/fastening';

/**
 * A set whose instances have bolts of their own, by the instance. No sheet says so: it is worked out where caps come off
 * one at a time, and where cylinders opposite each other are pulled in step.
 */
export interface SetByInstance extends FastenedSet {
  readonly boltsAt: Readonly<Record<string, readonly string[]>>;
  /** Where each is drawn on a map of its own, with the cylinders that stand there. */
  readonly mapAt?: Readonly<Record<string, SetMap>>;
}

function isByInstance(set: FastenedSet): set is SetByInstance {
  return 'boltsAt' in set;
}

/** The map of one instance that has its own; undefined where all are drawn alike. */
export function ownMap(
  set: Pick<FastenedSet, 'instances'> | undefined,
  instance: string,
): SetMap | undefined {
  return set && 'mapAt' in set ? (set as SetByInstance).mapAt?.[instance] : undefined;
}

/**
 * A set as it is at one of its instances: with the bolts that stand there and their pulls alone, where instances have
 * bolts of their own.
 * @returns the set itself where all its instances are alike
 * @example ofInstance(mainCaps, '3').fasteners.map(({ number }) => number) // ['5', '6']
 */
export function ofInstance(set: FastenedSet, instance: string): FastenedSet {
  if (!isByInstance(set)) return set;
  const known = cutOf(set);
  const before = known.get(instance);
  if (before) return before;
  const cut = cutTo(set, instance);
  known.set(instance, cut);
  return cut;
}

const cutOf = memoizeByObject((_: FastenedSet) => new Map<string, FastenedSet>());

function cutTo({ boltsAt, mapAt, ...set }: SetByInstance, instance: string): FastenedSet {
  const { programme } = set;
  const ids = new Set(boltsAt[instance]);
  const fasteners = set.fasteners.filter(({ id }) => ids.has(id));
  const map = mapAt?.[instance];
  const own = (list: readonly string[]): readonly string[] => list.filter((id) => ids.has(id));
  const stageOf = (stage: SheetStage): readonly SheetStage[] => {
    if (isSheetPause(stage)) {
      return 'order' in stage ? [{ ...stage, order: own(stage.order) }] : [stage];
    }
    const order = own(stage.order);
    const { leaveOut, farSide } = stage;
    if (order.length === 0) return [];
    return [
      {
        ...stage,
        order,
        ...(leaveOut && { leaveOut: own(leaveOut) }),
        ...(farSide && { farSide: own(farSide) }),
      },
    ];
  };
  return {
    ...set,
    ...(map && { map, isOwnMap: true }),
    fasteners,
    ...(programme && {
      programme: {
        ...programme,
        cycles: programme.cycles.map((cycle) => ({
          ...cycle,
          stages: cycle.stages.flatMap(stageOf),
        })),
      },
    }),
  };
}
