import { standOut, type StandOut } from '../../../overhead/standOut';
import { isValve } from '../../../sheet/settingItems';
import type { OverheadView } from '../valves/view';

export interface HotShift {
  readonly id: string;
  readonly coldMm: number;
  readonly hotMm: number;
  /** Hot less cold: below zero it closed as it warmed. */
  readonly shiftMm: number;
}

/** Gaps of one kind warm alike: one that moved by this much more than its fellows is looked at. */
const ODD_MM = 0.05;

/**
 * What heat did to each gap, as left cold and as found hot, and which of them moved unlike its fellows: a
 * seat that has sunk, a guide that binds, or a gap read wrongly on one of the two days.
 */
export function hotShifts({ items }: OverheadView): {
  readonly shifts: readonly HotShift[];
  /** Null until one has been read both ways. */
  readonly found: StandOut | null;
} {
  const both = items.flatMap(({ item, readings: { set, locked, again, hot } }) => {
    const cold = again ?? locked ?? set;
    if (!isValve(item) || !cold || !hot) return [];
    const { id, kind } = item;
    return [{ id, kind, coldMm: cold.mm, hotMm: hot.mm, shiftMm: hot.mm - cold.mm }];
  });
  const moved = both.map(({ id, kind, shiftMm }) => ({ id, kind, mm: shiftMm }));
  return {
    shifts: both.map(({ id, coldMm, hotMm, shiftMm }) => ({ id, coldMm, hotMm, shiftMm })),
    found: moved.length > 0 ? standOut({ items: moved, limitMm: ODD_MM }) : null,
  };
}
