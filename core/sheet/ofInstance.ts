import { memoizeByObject } from './memoize';
import { isSheetPause, type FastenedSet, type SheetStage } from './spec/fastening';

/**
 * A set whose instances have bolts of their own, by the instance. No sheet says so: it is worked out where caps come off
 * one at a time.
 */
export interface SetByInstance extends FastenedSet {
  readonly boltsAt: Readonly<Record<string, readonly string[]>>;
}

function isByInstance(set: FastenedSet): set is SetByInstance {
  return 'boltsAt' in set;
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
  const cut = cutTo(set, set.boltsAt[instance] ?? []);
  known.set(instance, cut);
  return cut;
}

const cutOf = memoizeByObject((_: FastenedSet) => new Map<string, FastenedSet>());

function cutTo({ boltsAt: _, ...set }: SetByInstance, bolts: readonly string[]): FastenedSet {
  const { programme } = set;
  const ids = new Set(bolts);
  const fasteners = set.fasteners.filter(({ id }) => ids.has(id));
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
