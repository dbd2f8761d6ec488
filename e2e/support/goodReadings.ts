import type { Check, CheckKind } from '../../core/job/checks/check';
import { checkOf } from '../../core/job/checks/allChecks';
import { isTaken } from '../../core/job/checks/view';
import { ringOfItem } from '../../core/job/cards/pistons/checks';
import { overheadView } from '../../core/job/cards/valves/view';
import type { JobSheet } from '../../core/job/scope';
import type { JobState } from '../../core/job/state';
import type { Limits } from '../../core/quantity/figure';
import { figureMm } from '../../core/quantity/figureMm';
import type { PrintedLengthUnit } from '../../core/quantity/units';
import { linerLimitsMm } from '../../core/sheet/linerStand';
import { heightsOf } from '../../core/sheet/spec/block';
import { soundMm } from '../../demo/intakeStory';

/** What a liner's flange measures, where only by how much it stands above its ledge matters. */
const FLANGE_MM = 9;

/** The middle between two printed limits, to a hundredth. */
function middle(limits: Limits<PrintedLengthUnit> | undefined, unless: number): number {
  const printed = [limits?.low, limits?.high].flatMap((figure) =>
    figure ? [figureMm(figure)] : [],
  );
  if (printed.length === 0) return unless;
  return Number((printed.reduce((sum, mm) => sum + mm, 0) / printed.length).toFixed(2));
}

/** At which height a liner is as its book wants it; a little more from bore to bore, where they have to ascend. */
function linerMm(sheet: JobSheet, bore: number): number {
  const heights = heightsOf(sheet.liners);
  const limits = heights && linerLimitsMm(heights);
  if (!limits) return 0;
  const step = heights.rise === 'up' || heights.rise === 'either' ? 0.01 : 0;
  return Number(((limits.lowMm + limits.highMm) / 2 + step * (bore - 2)).toFixed(2));
}

/** What a reading of some kinds is by its book; of the others it is nothing anybody would wonder about. */
const BY_BOOK: Partial<Record<CheckKind, (sheet: JobSheet, item: string) => number>> = {
  'ring-gaps': (sheet, item) => middle(ringOfItem(sheet, item).ring?.gap, 0.4),
  'side-clearances': (sheet, item) => middle(ringOfItem(sheet, item).ring?.sideClearance, 0.08),
  'rod-floats': ({ pistons }) => middle(pistons?.rodSideFloat, 0.25),
  'stand-outs': ({ pistons }) => middle(pistons?.standOut, 0.5),
  'wheel-line': () => 0.05,
  // Grams; a little between them, as nothing is the same to the gram.
  masses: (_, item) => 900 + (Number(item.split('/')[0]) % 3),
  counterbores: () => FLANGE_MM,
  flanges: (sheet, item) => Number((FLANGE_MM + linerMm(sheet, Number(item))).toFixed(2)),
};

function goodMm(sheet: JobSheet, check: Check, item: string, place: string): number {
  return BY_BOOK[check.kind]?.(sheet, item) ?? soundMm(sheet, check, item, place);
}

/** What is still to be read of a check, as it is asked, each as its book wants it. */
export function readingsLeft(sheet: JobSheet, state: JobState, id: string): readonly string[] {
  const check = checkOf(sheet, id);
  if (!check) return [];
  return check.items.flatMap((item) =>
    check.places
      .filter((place) => !isTaken(state.checks, check, item, place))
      .map((place) => String(goodMm(sheet, check, item, place))),
  );
}

/** The height of the liner in hand, as its book wants it. */
export function linerReading(sheet: JobSheet, bore: string): string {
  return String(linerMm(sheet, Number(bore)));
}

/** What a valve is set to, cold or hot. */
export function gapReading(
  sheet: JobSheet,
  state: JobState,
  phase: 'cold' | 'hot',
  id: string,
): string {
  const view = overheadView(sheet, state.valves, state.crank, phase);
  const target = view?.items.find(({ item }) => item.id === id)?.target;
  const { hotLowMm = 0, hotHighMm = 0, aimMm = 0 } = target ?? {};
  return String(Number((phase === 'hot' ? (hotLowMm + hotHighMm) / 2 : aimMm).toFixed(2)));
}
