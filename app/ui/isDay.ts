import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';

/** Is it a day of the calendar, as 2026-03-31? */
export function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text));
}
