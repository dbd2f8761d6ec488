import { settingFor, wrenchChoose, type CalibratedWrench } from '../tightening/wrenchChoose';
import { lastCheck, type ToolState } from './tool';

/** A torque wrench of the crib, as its acts left it. */
type WrenchState = Extract<ToolState, { kind: 'torque-wrench' }>;

/**
 * The crib's torque wrenches, best first on a day: in date; then whichever can be set to most of the values before it has
 * to be changed; then the best for the highest of them. As they stand where there is no value.
 * @param targetsNm the values still to be pulled to, as they come
 * @param on ISO date
 * @example wrenchesFor(crib, [35, 65, 90], '2026-06-15')[0] // 20 to 100 N·m, not 40 to 200
 */
export function wrenchesFor(
  tools: readonly ToolState[],
  targetsNm: readonly number[],
  on: string,
): readonly WrenchState[] {
  const wrenches = tools.flatMap((tool) =>
    tool.kind === 'torque-wrench' && !tool.retired ? [tool] : [],
  );
  if (wrenches.length === 0 || targetsNm.length === 0) return wrenches;
  const calibrated = wrenches.map(calibratedWrench);
  const lasts = new Map(
    calibrated.map((wrench) => [wrench.id, reachedFirst(wrench, targetsNm, on)]),
  );
  const { wrenches: order } = wrenchChoose({
    targetNm: Math.max(...targetsNm),
    on,
    wrenches: calibrated,
  });
  return [...order]
    .sort(
      (a, b) =>
        Number(b.inDate) - Number(a.inDate) || (lasts.get(b.id) ?? 0) - (lasts.get(a.id) ?? 0),
    )
    .flatMap(({ id }) => wrenches.find((tool) => tool.id === id) ?? []);
}

/** How many of the values, from the first on, a wrench can be set to before it has to be changed. */
function reachedFirst(wrench: CalibratedWrench, targetsNm: readonly number[], on: string): number {
  const beyond = targetsNm.findIndex((nm) => !settingFor(wrench, nm, on).inRange);
  return beyond < 0 ? targetsNm.length : beyond;
}

function calibratedWrench(tool: WrenchState): CalibratedWrench {
  const check = lastCheck(tool);
  const { lowNm, highNm, stepNm } = tool.spec;
  return {
    id: tool.id,
    lowNm,
    highNm,
    points: check?.points ?? [],
    ...(stepNm !== undefined && { stepNm }),
    ...(check && { calibratedOn: check.on, dueOn: check.dueOn }),
  };
}
