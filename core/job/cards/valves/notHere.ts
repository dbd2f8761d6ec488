import { cycleDegrees, forwardDistance } from '../../../overhead/cycle';
import { settable, type SettableHere } from '../../../overhead/settable';
import type { OverheadView } from './view';

/** Why something is left alone at the position the crank stands in, and where it comes. */
export interface NotHere {
  readonly found: SettableHere['items'][number];
  readonly marginDeg: number;
  readonly done: boolean;
  /** The position of the plan it is set at, counted from 1, and how far on; null when it is in no position now. */
  readonly comes: { readonly position: number; readonly barDeg: number } | null;
  /** The cover that must be on for it first. */
  readonly cover: string | null;
}

/**
 * What to answer when a valve is asked for where it may not be set.
 * @returns null for what is not in the plan, and when the crank stands at none of its positions
 */
export function notHere(view: OverheadView, id: string): NotHere | null {
  const { overhead, plan, next, items, planned } = view;
  const asked = items.find(({ item }) => item.id === id);
  if (!next || !asked) return null;
  const found = settable({ ...overhead, atDeg: next.atDeg }).items.find((entry) => entry.id === id);
  if (!found) return null;
  const place = plan.positions.findIndex(({ set }) => set.some((each) => each.id === id));
  const position = plan.positions[place];
  const isPlanned = planned.some((one) => one.id === id);
  return {
    found,
    marginDeg: overhead.marginDeg,
    done: asked.done,
    comes: position
      ? {
          position: place + 1,
          barDeg: forwardDistance(next.atDeg, position.atDeg, cycleDegrees(overhead.strokes)),
        }
      : null,
    cover: isPlanned ? null : (asked.item.after ?? null),
  };
}
