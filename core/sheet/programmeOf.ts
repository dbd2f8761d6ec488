import type { Printed } from '../quantity/figure';
import { aimOf } from '../quantity/aimOf';
import {
  MINUTES_PER,
  pressureToBar,
  torqueToNm,
  type PressureUnit,
  type TimeUnit,
  type TorqueUnit,
} from '../quantity/units';
import type { AngleValue, Fastener, Programme, Stage, TorqueValue } from '../tightening/programme';
import { tightenPlan, type TightenPlan } from '../tightening/tightenPlan';
import type { EngineSheet } from './engineSheet';
import { ofInstance } from './ofInstance';
import { memoizeByObject } from './memoize';
import type {
  FastenedSet,
  FastenerGroup,
  SheetFastener,
  SheetProgramme,
  SheetStage,
  SheetTorqueStage,
  StageValue,
} from './spec/fastening';

/** A set's programme in newton metres, degrees and bar, as the tightening reckoning takes it. */
function programmeOf(programme: SheetProgramme): Programme {
  return {
    id: programme.id,
    cycles: programme.cycles.map(({ id, stages }) => ({ id, stages: stages.map(stageOf) })),
  };
}

function stageOf(stage: SheetStage): Stage {
  switch (stage.kind) {
    case 'wait':
    case 'turn-crank': {
      const { id, kind, time } = stage;
      return { id, kind, ...(time && { minutes: time.value * MINUTES_PER[time.unit] }) };
    }
    case 'draw-down':
      return { id: stage.id, kind: stage.kind, deg: stage.turn.value };
    case 'slacken': {
      const { kind, by } = stage;
      return { kind, ...orderedOf(stage), ...(by && { byDeg: by.value }) };
    }
    case 'hydraulic':
    case 'hydraulic-check': {
      const { kind, pressure } = stage;
      const aim = aimOf(pressure);
      return {
        kind,
        ...orderedOf(stage),
        ...(aim && { bar: pressureToBar(aim.value, aim.unit) }),
      };
    }
    case 'angle': {
      const { values, kind } = stage;
      return { kind, ...orderedOf(stage), values: values.flatMap(angleValue) };
    }
    case 'torque':
    case 'check': {
      const { values, kind } = stage;
      return { kind, ...orderedOf(stage), values: values.flatMap(torqueValue) };
    }
  }
}

type Ordered = Pick<SheetTorqueStage, 'id' | 'order' | 'leaveOut' | 'together' | 'farSide'>;

function orderedOf({ id, order, leaveOut, together, farSide }: Ordered): Ordered {
  return {
    id,
    order,
    ...(leaveOut && { leaveOut }),
    ...(together && { together }),
    ...(farSide && { farSide }),
  };
}

function torqueValue({ group, value }: StageValue<TorqueUnit>): TorqueValue[] {
  if ('missing' in value) return [];
  const entry = group === undefined ? {} : { group };
  if ('figure' in value) {
    return [{ nm: torqueToNm(value.figure.value, value.figure.unit), ...entry }];
  }
  return [
    {
      lowNm: torqueToNm(value.low.value, value.low.unit),
      highNm: torqueToNm(value.high.value, value.high.unit),
      ...entry,
    },
  ];
}

function angleValue({ group, value }: StageValue<'deg'>): AngleValue[] {
  if ('missing' in value) return [];
  const entry = group === undefined ? {} : { group };
  if ('figure' in value) return [{ deg: value.figure.value, ...entry }];
  return [{ lowDeg: value.low.value, highDeg: value.high.value, ...entry }];
}

/** What a stage prints for one fastener; null for what has no figure. */
export function printedFor(
  set: FastenedSet,
  stage: SheetStage,
  fastenerId: string,
): Printed<TorqueUnit | 'deg' | PressureUnit | TimeUnit> | null {
  if ('pressure' in stage) return stage.pressure;
  if ('by' in stage) return { figure: stage.by };
  if ('turn' in stage) return { figure: stage.turn };
  if ('time' in stage) return { figure: stage.time };
  if (!('values' in stage)) return null;
  const fastener = set.fasteners.find((f) => f.id === fastenerId);
  const group = fastener && groupOf(set, fastener)?.id;
  const values: readonly StageValue<TorqueUnit | 'deg'>[] = stage.values;
  const value =
    values.find((v) => v.group !== undefined && v.group === group) ??
    values.find((v) => v.group === undefined);
  return value?.value ?? null;
}

/** The group a fastener belongs to: its own, or the only one there is. */
export function groupOf(
  set: Pick<FastenedSet, 'groups'>,
  fastener: SheetFastener,
): FastenerGroup | undefined {
  if (fastener.group === undefined && set.groups.length === 1) return set.groups[0];
  return set.groups.find((group) => group.id === fastener.group);
}

/** A set's fasteners with what their groups say of them. */
const fastenersOf = memoizeByObject((set: FastenedSet): readonly Fastener[] =>
  set.fasteners.map((fastener) => {
    const group = groupOf(set, fastener);
    const { id, number, xMm, yMm } = fastener;
    return {
      id,
      number,
      xMm,
      yMm,
      ...(group && { group: group.id }),
      ...(group?.stretch && group.uses === 'one' && { oneUseStretch: true }),
    };
  }),
);

/**
 * The pulls of one instance of a set, in order, with what is wrong with the programme.
 * @returns null when the sheet prints no programme for it
 */
export function planOf(all: FastenedSet, instance: string): TightenPlan | null {
  const set = ofInstance(all, instance);
  const plans = plansOf(set);
  const known = plans.get(instance);
  if (known !== undefined) return known;
  const plan = set.programme ? compiled(set, set.programme, instance) : null;
  plans.set(instance, plan);
  return plan;
}

const plansOf = memoizeByObject((_set: FastenedSet) => new Map<string, TightenPlan | null>());

function compiled(set: FastenedSet, programme: SheetProgramme, instance: string): TightenPlan {
  return tightenPlan({
    set: set.id,
    instance,
    fasteners: fastenersOf(set),
    programme: programmeOf(programme),
    demands: (set.afterwards ?? []).map(({ about, demand, source }) => ({
      about,
      says: demand,
      source,
    })),
  });
}

/** A fastened set of the sheet by its id. */
export function setOf(sheet: EngineSheet, id: string): FastenedSet | undefined {
  return sheet.fastenedSets?.find((set) => set.id === id);
}

interface PlacedStage {
  readonly cycle: string;
  readonly stage: SheetStage;
}

/** Every stage of a set's programme in the order it is done. */
export function stagesOf(set: FastenedSet): readonly PlacedStage[] {
  return (set.programme?.cycles ?? []).flatMap(({ id: cycle, stages }) =>
    stages.map((stage) => ({ cycle, stage })),
  );
}
