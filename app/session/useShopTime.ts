import { date, longDay, moment, timeOfDay, timeToSecond } from '@cardinex/words/kit';
import { useSessionState } from './SessionProvider';

/**
 * Times as the shop's records say them: in its own zone, on whichever device and wherever they are read, so that
 * two readers of one record read the same. What is still to come, and waited for here, is in the device's own.
 */
export function useShopTime() {
  const state = useSessionState();
  const zone = typeof state === 'string' ? undefined : state.session?.shop.timeZone;
  return {
    date: (iso: string) => date(iso, zone),
    longDay: (iso: string) => longDay(iso, zone),
    moment: (iso: string) => moment(iso, zone),
    timeOfDay: (iso: string) => timeOfDay(iso, zone),
    timeToSecond: (iso: string) => timeToSecond(iso, zone),
  };
}
