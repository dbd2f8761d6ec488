import { createHmac, timingSafeEqual } from 'node:crypto';
import ical from 'ical-generator';
import { lastCheck, type ToolState } from '@cardinex/core/tools/tool';
import { toolsWords as w } from '@cardinex/words/en/tools';

/** The dates on which checks are due, as a calendar file. */
export function toolCalendar(shopName: string, tools: readonly ToolState[]): string {
  const calendar = ical({ name: w.calendarName(shopName), prodId: '//cardinex//tool crib//EN' });
  for (const tool of tools) {
    const check = lastCheck(tool);
    if (!check || tool.retired) continue;
    calendar.createEvent({
      id: `tool-${tool.id}-${check.dueOn}`,
      start: new Date(`${check.dueOn}T00:00:00Z`),
      allDay: true,
      summary: w.calendarDue(tool.name),
      stamp: new Date(`${check.on}T00:00:00Z`),
    });
  }
  return calendar.toString();
}

/** A calendar program cannot sign in: whoever knows this address may read the dates, and no more. */
export function calendarToken(secret: string, shopId: string): string {
  return createHmac('sha256', secret).update(`calendar/${shopId}`).digest('base64url');
}

export function isCalendarToken(secret: string, shopId: string, token: string): boolean {
  const expected = Buffer.from(calendarToken(secret, shopId));
  const given = Buffer.from(token);
  return expected.length === given.length && timingSafeEqual(expected, given);
}
