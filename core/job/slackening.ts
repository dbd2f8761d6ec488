import type { AngleFigure, PressureFigure } from '../quantity/figure';
import { memoizeByObject } from '../sheet/memoize';
import { ofInstance } from '../sheet/ofInstance';
import { drawRounds } from '../sheet/drawnDown';
import { setOf } from '../sheet/programmeOf';
import { pulledInOrder } from '../sheet/pulledInOrder';
import type { EngineSheet } from '../sheet/engineSheet';
import { type FastenedSet, type SheetProgramme, type SheetStage } from '../sheet/spec/fastening';
import type { RunName } from './facts/run';
import { AFTER_HEAT, afterHeatOf, heated } from './cards/after-heat/programme';

/** The programme a set is slackened by. */
export const STRIP = 'strip';

/**
 * A set with the programme by which it is slackened: the reverse of the order it was pulled in last,
 * in steps, so that nothing that was clamped flat is let go at one end first, and what springs hold up rises evenly. Studs that are stretched
 * by jacks are stretched again before their nuts are run back.
 */
export const slackened = memoizeByObject((set: FastenedSet): FastenedSet => ({
  ...set,
  programme: slackening(set),
}));

/** A quarter of a turn takes the load off. */
const EASED_DEG = 90;

function slackening(set: FastenedSet): SheetProgramme {
  const order = [...pulledInOrder(set)].reverse();
  const own = { from: 'assumed' as const, source: 'the tightening order, in reverse' };
  const pressure = highestPressure(set);
  const turn = (value: number): AngleFigure => ({ text: `${value}°`, value, unit: 'deg', ...own });
  const steps: SheetStage[] = pressure
    ? [{ id: 'stretch', kind: 'hydraulic', order, pressure: { figure: pressure } }]
    : [{ id: 'ease-1', kind: 'slacken', order, by: turn(EASED_DEG) }, ...drawRounds(set, 'up')];
  return {
    id: STRIP,
    ...own,
    cycles: [{ id: '1', stages: [...steps, { id: 'off', kind: 'slacken', order }] }],
  };
}

function highestPressure({ programme }: FastenedSet): PressureFigure | null {
  const pressures = (programme?.cycles ?? []).flatMap(({ stages }) =>
    stages.flatMap((stage) =>
      'pressure' in stage && 'figure' in stage.pressure ? [stage.pressure.figure] : [],
    ),
  );
  return pressures.reduce<PressureFigure | null>(
    (most, figure) => (most === null || figure.value > most.value ? figure : most),
    null,
  );
}

/** The set a run is of, at its instance and under the programme its name gives. */
export function setForRun(
  sheet: EngineSheet,
  { set: id, instance, programme }: RunName,
): FastenedSet | undefined {
  const whole = setOf(sheet, id);
  if (!whole) return undefined;
  const set = ofInstance(whole, instance);
  if (programme === STRIP) return slackened(set);
  if (programme === AFTER_HEAT) return afterHeatOf(set) ? heated(set) : undefined;
  return set.programme?.id === programme ? set : undefined;
}
