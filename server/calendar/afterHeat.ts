import type { ICalEventData } from 'ical-generator';
import {
  AFTER_HEAT,
  afterHeatFrom,
  afterHeatOf,
  setsAfterHeat,
} from '@cardinex/core/job/cards/after-heat/programme';
import { runDone } from '@cardinex/core/job/run/runView';
import type { JobSheet } from '@cardinex/core/job/scope';
import type { JobState } from '@cardinex/core/job/state';
import { runsOf } from '@cardinex/core/job/run/runsOf';
import { afterHeatWords as w } from '@cardinex/words/cards/afterHeat';
import { calendarFile } from './calendarFile';

/** How long one is reckoned to take, for the calendar. */
const TAKES_MS = 60 * 60_000;

/**
 * When what is pulled again after heat may be pulled: nothing before the engine has been hot, or once
 * it is done.
 */
export function afterHeatEvents(id: string, sheet: JobSheet, state: JobState): ICalEventData[] {
  const { opened, heat } = state;
  if (!heat) return [];
  return setsAfterHeat(sheet).flatMap((set): ICalEventData[] => {
    const asked = afterHeatOf(set);
    const open = runsOf(sheet, state, set.id, heat.at, AFTER_HEAT).some((run) => !runDone(run));
    if (!asked || !open) return [];
    const start = new Date(afterHeatFrom(asked, heat));
    return [
      {
        id: `after-heat-${id}-${set.id}-${start.getTime()}`,
        start,
        end: new Date(start.getTime() + TAKES_MS),
        summary: w.event(set.name, opened?.name ?? ''),
        description: asked.says,
        stamp: new Date(heat.at),
      },
    ];
  });
}

/** One job's, as a calendar file. */
export function afterHeatCalendar(id: string, sheet: JobSheet, state: JobState): string {
  const name = `${w.title}: ${state.opened?.name ?? ''}`;
  const events = afterHeatEvents(id, sheet, state);
  return calendarFile(name, '//cardinex//after heat//EN', events);
}
