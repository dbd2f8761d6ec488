import type { Role } from '../job/roles';
import { leavesLeft, type ToolAct, type ToolState } from './tool';

export type ToolRefusal =
  | 'may-not'
  | 'entered-already'
  | 'no-such-tool'
  | 'retired'
  | 'other-kind'
  | 'range-upside-down'
  | 'points-must-rise'
  | 'due-before-check'
  | 'no-such-leaf'
  | 'leaf-not-lost';

/**
 * May this act join a tool's log?
 * @returns null when it may, else why not
 */
export function decideTool(tool: ToolState | null, act: ToolAct, role: Role): ToolRefusal | null {
  if (role === 'viewer') return 'may-not';
  if (act.type === 'tool.entered') return tool ? 'entered-already' : particulars(act.data);
  if (!tool) return 'no-such-tool';
  if (tool.retired) return 'retired';
  switch (act.type) {
    case 'tool.corrected':
      return act.data.kind === tool.kind ? particulars(act.data) : 'other-kind';
    case 'tool.checked': {
      const { on, dueOn, points } = act.data;
      if (dueOn < on) return 'due-before-check';
      const rise = points.every(
        (point, place) => place === 0 || point.setNm > (points[place - 1]?.setNm ?? 0),
      );
      return rise ? null : 'points-must-rise';
    }
    case 'leaf.lost':
      return leavesLeft(tool).some((mm) => Math.abs(mm - act.data.mm) < 1e-6)
        ? null
        : 'no-such-leaf';
    case 'leaf.replaced':
      return tool.lostMm.some((mm) => Math.abs(mm - act.data.mm) < 1e-6) ? null : 'leaf-not-lost';
    case 'tool.found-off':
    case 'tool.retired':
      return null;
  }
}

function particulars(data: { readonly kind: string; readonly spec: object }): ToolRefusal | null {
  const { lowNm, highNm, lowMm, highMm } = data.spec as Readonly<
    Record<string, number | undefined>
  >;
  const upsideDown =
    (lowNm !== undefined && highNm !== undefined && lowNm >= highNm) ||
    (lowMm !== undefined && highMm !== undefined && lowMm >= highMm);
  return upsideDown ? 'range-upside-down' : null;
}
