import ical, { type ICalEventData } from 'ical-generator';

/** What an empty calendar has in it: a file of this kind must have one component at least. */
const UTC = [
  'BEGIN:VTIMEZONE',
  'TZID:UTC',
  'BEGIN:STANDARD',
  'DTSTART:19700101T000000',
  'TZOFFSETFROM:+0000',
  'TZOFFSETTO:+0000',
  'TZNAME:UTC',
  'END:STANDARD',
  'END:VTIMEZONE',
].join('\r\n');

/**
 * A calendar as a file (RFC 5545).
 * @param product what made it, in the words of that format
 */
export function calendarFile(name: string, product: string, events: ICalEventData[]): string {
  const text = ical({ name, prodId: product, events }).toString();
  return events.length > 0 ? text : text.replace('END:VCALENDAR', `${UTC}\r\nEND:VCALENDAR`);
}
