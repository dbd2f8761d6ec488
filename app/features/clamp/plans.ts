import { orderPropose, type PlacedFastener } from '@cardinex/core/tightening/orderPropose';
import type { ClampStage } from '@cardinex/core/tightening/clampSimulate';

/** The orders and stages a mechanic may wonder about. */
export const ORDERS = ['own', 'spiral', 'cross', 'rows', 'along'] as const;
export type OrderChoice = (typeof ORDERS)[number];
export const STAGE_CHOICES = ['own', 'one', 'again'] as const;
export type StageChoice = (typeof STAGE_CHOICES)[number];

/** An order over a deck: its own, one of the proposals, or from the cylinder-1 end along. */
export function orderFor(
  choice: OrderChoice,
  fasteners: readonly PlacedFastener[],
  own: readonly string[],
): readonly string[] {
  if (choice === 'own') return own;
  if (choice === 'along') {
    return [...fasteners].sort((a, b) => a.xMm - b.xMm || a.yMm - b.yMm).map(({ id }) => id);
  }
  return orderPropose({ fasteners, pattern: choice });
}

/**
 * The stages as they are; in one pull, which leaves out every load before the last of its kind; or with
 * the last load pulled once more.
 */
export function stagesFor(choice: StageChoice, own: readonly ClampStage[]): readonly ClampStage[] {
  const lastLoad = own.findLastIndex(({ kind }) => kind === 'load');
  const last = own[lastLoad];
  if (choice === 'own' || !last) return own;
  if (choice === 'again') return [...own.slice(0, lastLoad + 1), last, ...own.slice(lastLoad + 1)];
  const afterSlack = own.findLastIndex(({ kind }) => kind === 'slacken') + 1;
  return own.slice(Math.max(lastLoad, afterSlack));
}

/** The same stages, each scattering by so much. */
export function scattered(
  stages: readonly ClampStage[],
  scatter: number | undefined,
): readonly ClampStage[] {
  return stages.map((stage) =>
    stage.kind === 'slacken' || scatter === undefined ? stage : { ...stage, scatter },
  );
}
