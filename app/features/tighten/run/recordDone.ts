import type { BoltView } from '@cardinex/core/job/run/views';
import type { HowRead, Side } from '@cardinex/core/job/facts/run';
import { doneBy } from '@cardinex/core/job/run/runDecide';
import type { OpenJob } from '../../job/JobProvider';

/** What is said of a pull besides that it was made. */
interface HowDone {
  readonly setNm: number;
  readonly wrench: string;
  readonly side?: Side | undefined;
  readonly reached?: { readonly nm?: number; readonly deg?: number; readonly holes?: number };
  /** Where the pump was stopped, by its own gauge. */
  readonly pumpedBar?: number | undefined;
  readonly read?: HowRead;
  readonly byPower?: boolean;
}

/** Says that a pull was made, in the words of its kind. */
export function recordDone(
  record: OpenJob['record'],
  { act, nextPass: pass }: BoltView,
  { setNm, wrench, side, reached = {}, read, pumpedBar, byPower = false }: HowDone,
): Promise<string | null> {
  const { key } = act;
  const end = side === undefined ? {} : { side };
  const how = read === undefined ? {} : { read };
  switch (doneBy(act)) {
    case 'bolt.turned':
      return record('bolt.turned', {
        key,
        pass,
        deg: act.deg ?? 0,
        ...end,
        ...(reached.deg !== undefined && { reachedDeg: reached.deg, ...how }),
        ...(byPower && { by: 'power' }),
      });
    case 'bolt.eased':
      return record('bolt.eased', { key, pass });
    case 'stud.tensioned':
      return record('stud.tensioned', {
        key,
        pass,
        bar: act.bar ?? 0,
        ...(reached.holes !== undefined && { holes: reached.holes }),
        ...(pumpedBar !== undefined && { reachedBar: pumpedBar, read: 'instrument' }),
      });
    case 'step.done':
      return record('step.done', { key, pass });
    case 'bolt.failed':
    case 'bolt.pulled':
      return record('bolt.pulled', {
        key,
        pass,
        nm: act.nm ?? 0,
        setNm,
        wrench,
        ...end,
        ...(reached.nm !== undefined && { reachedNm: reached.nm, ...how }),
      });
  }
}
