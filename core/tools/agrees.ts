import type { WrenchShown } from '../job/facts/run';
import { isInDate } from '../job/run/inDate';
import type { ToolState } from './tool';
import { wrenchShown } from './wrench';

/** A wrench as an act names it: only by its number, or with all that was shown of it. */
export interface WrenchNamed {
  readonly id: string;
  readonly name?: string;
  readonly shown?: WrenchShown;
}

/** When it was in the hand: what the device said, and the day that can be vouched for. */
export interface HandTime {
  /** ISO times; the same where nothing speaks against what the device said. */
  readonly said: string;
  readonly vouched: string;
}

/**
 * Is a wrench in the crib as an act says it was in the hand?
 *
 * What claims less than the crib knows agrees: an older check that was good then, none at all, or that it
 * was off. What claims more does not: a wrench nobody entered, other particulars, a check the crib has not
 * seen, one found off that is shown as good, or a check in date only by a time nobody can vouch for.
 * @param tool the crib's own, as its log leaves it; null for one that was never entered
 */
export function agreesWithCrib(
  tool: ToolState | null,
  { shown }: WrenchNamed,
  { said, vouched }: HandTime,
): boolean {
  if (tool?.kind !== 'torque-wrench') return false;
  if (tool.retired && Date.parse(tool.retired.at) <= Date.parse(said)) return false;
  if (!shown) return true;
  const crib = wrenchShown(tool);
  const isSame = PARTICULARS.every((item) => crib?.[item] === shown[item]);
  const wasOff = tool.off !== null && Date.parse(tool.off.at) <= Date.parse(said);
  return (
    isSame &&
    (!wasOff || shown.off === true) &&
    isCheckOf(tool, shown.calibration) &&
    isInDate(shown, said.slice(0, 10)) === isInDate(shown, vouched.slice(0, 10))
  );
}

const PARTICULARS = ['lowNm', 'highNm', 'lengthMm', 'stepNm'] as const;

function isCheckOf({ checks }: ToolState, shown: WrenchShown['calibration']): boolean {
  if (!shown) return true;
  return checks.some(
    ({ on, dueOn, points }) =>
      on === shown.on &&
      dueOn === shown.dueOn &&
      points.length === shown.points.length &&
      points.every(
        ({ setNm, trueNm }, place) =>
          setNm === shown.points[place]?.setNm && trueNm === shown.points[place].trueNm,
      ),
  );
}
