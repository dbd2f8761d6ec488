import type { ICalEventData } from 'ical-generator';
import { lastCheck, type ToolState } from '@cardinex/core/tools/tool';
import { toolsWords as w } from '@cardinex/words/tools';

/** The days on which tools are due for a check. */
export function toolCheckEvents(tools: readonly ToolState[]): ICalEventData[] {
  return tools.flatMap((tool): ICalEventData[] => {
    const check = lastCheck(tool);
    if (!check || tool.retired) return [];
    return [
      {
        id: `tool-${tool.id}-${check.dueOn}`,
        start: new Date(`${check.dueOn}T00:00:00Z`),
        allDay: true,
        summary: w.calendarDue(tool.name),
        stamp: new Date(`${check.on}T00:00:00Z`),
      },
    ];
  });
}
