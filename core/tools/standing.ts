import { lastCheck, type ToolState } from './tool';

/** How a tool stands on a day: found off, overdue, due within a month, good, or never checked. */
export type ToolStanding = 'off' | 'overdue' | 'due-soon' | 'good' | 'unchecked' | 'retired';

/** How long before its day a check is spoken of. */
const SOON_DAYS = 30;

/** Is its last check good on that day? */
export function isChecked(standing: ToolStanding): boolean {
  return standing === 'good' || standing === 'due-soon';
}

/**
 * How a tool stands.
 * @param on ISO date
 */
export function toolStanding(tool: ToolState, on: string): ToolStanding {
  if (tool.retired) return 'retired';
  if (tool.off) return 'off';
  const check = lastCheck(tool);
  if (!check) return 'unchecked';
  if (check.dueOn < on) return 'overdue';
  const days = (Date.parse(check.dueOn) - Date.parse(on)) / 86_400_000;
  return days <= SOON_DAYS ? 'due-soon' : 'good';
}
