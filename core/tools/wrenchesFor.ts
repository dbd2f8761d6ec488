import { wrenchChoose } from '../tightening/wrenchChoose';
import { lastCheck, type ToolState } from './tool';

/** A torque wrench of the crib, as its acts left it. */
type WrenchState = Extract<ToolState, { kind: 'torque-wrench' }>;

/**
 * The crib's torque wrenches, best first for a value on a day; as they stand where there is no value.
 * @param on ISO date
 */
export function wrenchesFor(
  tools: readonly ToolState[],
  targetNm: number,
  on: string,
): readonly WrenchState[] {
  const wrenches = tools.flatMap((tool) =>
    tool.kind === 'torque-wrench' && !tool.retired ? [tool] : [],
  );
  if (wrenches.length === 0 || targetNm <= 0) return wrenches;
  const { wrenches: order } = wrenchChoose({
    targetNm,
    on,
    wrenches: wrenches.map((tool) => {
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
    }),
  });
  return order.flatMap(({ id }) => wrenches.find((tool) => tool.id === id) ?? []);
}
