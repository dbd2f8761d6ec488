import type { TightenPlanInput } from './tightenPlanInput';
import {
  ReckoningFault,
  requireDistinct,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import {
  isPause,
  type AngleValue,
  type PullStage,
  type Stage,
  type TorqueValue,
} from './programme';

/**
 * Can a plan be made of this at all: are its names known and distinct, its values above zero?
 * @throws ReckoningFault naming the field that is wrong
 */
export function requirePlan(input: TightenPlanInput): void {
  requireSome('fasteners', input.fasteners);
  requireDistinct(
    'fasteners',
    input.fasteners.map((f) => f.id),
  );
  requireSome('programme.cycles', input.programme.cycles);
  requireDistinct(
    'programme.cycles',
    input.programme.cycles.map((c) => c.id),
  );
  const known = new Set(input.fasteners.map((f) => f.id));
  input.programme.cycles.forEach((cycle, c) => {
    const field = `programme.cycles[${c}].stages`;
    requireSome(field, cycle.stages);
    requireDistinct(
      field,
      cycle.stages.map((s) => s.id),
    );
    cycle.stages.forEach((stage, s) => requireStage(`${field}[${s}]`, stage, known));
  });
  input.wrenches?.forEach((wrench, place) => {
    requirePositive(`wrenches[${place}].highNm`, wrench.highNm);
    if (wrench.lowNm > wrench.highNm) {
      throw new ReckoningFault(`wrenches[${place}].highNm`, 'range-upside-down');
    }
  });
}

function requireStage(field: string, stage: Stage, known: ReadonlySet<string>): void {
  if (isPause(stage)) {
    if (stage.minutes !== undefined) requirePositive(`${field}.minutes`, stage.minutes);
    if (stage.deg !== undefined) requirePositive(`${field}.deg`, stage.deg);
    return;
  }
  requireSome(`${field}.order`, stage.order);
  const check = (name: string, ids: readonly string[]): void =>
    ids.forEach((id, place) => {
      if (!known.has(id)) {
        throw new ReckoningFault(`${field}.${name}[${place}]`, 'unknown-fastener', { id });
      }
    });
  check('order', stage.order);
  check('leaveOut', stage.leaveOut ?? []);
  requireFarSide(`${field}.farSide`, stage);
  switch (stage.kind) {
    case 'slacken':
      if (stage.byDeg !== undefined) requirePositive(`${field}.byDeg`, stage.byDeg);
      return;
    case 'hydraulic':
    case 'hydraulic-check':
      if (stage.bar !== undefined) requirePositive(`${field}.bar`, stage.bar);
      return;
    case 'angle':
      return requireValues(field, stage.values, ['deg', 'lowDeg', 'highDeg']);
    case 'torque':
    case 'check':
      return requireValues(field, stage.values, ['nm', 'lowNm', 'highNm']);
  }
}

/** What is pulled from the far side is pulled in this stage, and not from both ends as well. */
function requireFarSide(field: string, { order, farSide, together }: PullStage): void {
  if (farSide === undefined) return;
  requireSome(field, farSide);
  requireDistinct(field, farSide, null);
  if (together) throw new ReckoningFault(field, 'one-of', { fields: ['together', 'farSide'] });
  farSide.forEach((id, place) => {
    if (!order.includes(id)) throw new ReckoningFault(`${field}[${place}]`, 'not-in-order', { id });
  });
}

/** Each value above zero, its range the right way up, one for each group. */
function requireValues(
  field: string,
  values: readonly (TorqueValue | AngleValue)[],
  [one, low, high]: readonly [string, string, string],
): void {
  requireDistinct(
    `${field}.values`,
    values.map((v) => v.group ?? ''),
    'group',
  );
  values.forEach((value, place) => {
    const at = `${field}.values[${place}]`;
    const numbers = value as unknown as Readonly<Record<string, number>>;
    if (one in numbers) return requirePositive(`${at}.${one}`, numbers[one] ?? NaN);
    const lowest = numbers[low] ?? NaN;
    const highest = numbers[high] ?? NaN;
    requirePositive(`${at}.${low}`, lowest);
    requirePositive(`${at}.${high}`, highest);
    if (lowest > highest) throw new ReckoningFault(`${at}.${high}`, 'range-upside-down');
  });
}
