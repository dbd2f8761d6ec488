import type { Programme } from '../tightening/programme';
import { tightenPlan, type TightenPlan } from '../tightening/tightenPlan';
import { torqueToNm } from '../quantity/units';
import type { EngineSheet, FastenedSet, SheetStage } from './engineSheet';
import { once } from './once';

/** A set's programme in newton metres, as the tightening reckoning takes it. */
export function programmeOf(set: FastenedSet): Programme {
  return {
    id: set.programme.id,
    cycles: [
      {
        id: '1',
        stages: set.programme.stages.map((stage) => ({
          id: stage.id,
          kind: 'torque' as const,
          order: stage.order,
          leaveOut: stage.leaveOut,
          values: [{ nm: torqueToNm(stage.torque.value, stage.torque.unit) }],
        })),
      },
    ],
  };
}

/** The pulls of one instance of a set, in order, with what is wrong with the programme. */
export function planOf(set: FastenedSet, instance: string): TightenPlan {
  const plans = plansOf(set);
  const known = plans.get(instance) ?? compiled(set, instance);
  plans.set(instance, known);
  return known;
}

const plansOf = once((_set: FastenedSet) => new Map<string, TightenPlan>());

function compiled(set: FastenedSet, instance: string): TightenPlan {
  return tightenPlan({
    set: set.id,
    instance,
    fasteners: set.fasteners,
    programme: programmeOf(set),
  });
}

/** A fastened set of the sheet by its id. */
export function setOf(sheet: EngineSheet, id: string): FastenedSet | undefined {
  return sheet.fastenedSets.find((set) => set.id === id);
}

/** A stage of a set's programme by its id. */
export function stageOf(set: FastenedSet, id: string): SheetStage | undefined {
  return set.programme.stages.find((stage) => stage.id === id);
}
