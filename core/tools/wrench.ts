import type { WrenchShown } from '../job/facts/run';
import { lastCheck, type ToolState } from './tool';

/** A torque wrench as it is written on an act: what it was, and what it was found to give. */
export function wrenchShown(tool: ToolState): WrenchShown | null {
  if (tool.kind !== 'torque-wrench') return null;
  const { lowNm, highNm, lengthMm, stepNm } = tool.spec;
  const check = lastCheck(tool);
  return {
    id: tool.id,
    name: tool.name,
    lowNm,
    highNm,
    lengthMm,
    ...(stepNm !== undefined && { stepNm }),
    ...(check && {
      calibration: { on: check.on, dueOn: check.dueOn, points: check.points },
    }),
    ...(tool.off && { off: true }),
  };
}
