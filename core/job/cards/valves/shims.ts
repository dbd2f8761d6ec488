import type { ValvesState } from '../../facts/valves';
import type { TappetShimsInput } from '../../../overhead/tappetShims';
import { figureMm } from '../../../quantity/figureMm';
import type { JobSheet } from '../../scope';
import type { ItemView } from './item';

export interface ShimsAsked {
  /** Those of which the shim that is in must still be measured. */
  readonly unmeasured: readonly string[];
  /** The question, once every shim is known. */
  readonly input: TappetShimsInput | null;
}

/** Which valves want another shim, all gaps being found; null while one is unread, or all are within. */
export function shimsAsked(
  sheet: JobSheet,
  items: readonly ItemView[],
  { shimsIn, shimsOut }: ValvesState,
): ShimsAsked | null {
  const toRead = items.some(
    ({ item, readings }) => !readings.found || (shimsIn[item.id] && !readings.set),
  );
  const out = items.filter(({ done }) => !done);
  if (toRead || out.length === 0) return null;
  const shimOf = (id: string): number | undefined => shimsIn[id]?.mm ?? shimsOut[id]?.mm;
  const unmeasured = out.map(({ item }) => item.id).filter((id) => shimOf(id) === undefined);
  // Limits differ by kind: the kinds are served one after the other, each from what is left.
  const [first] = out;
  const kind = first?.item.kind;
  const target = first?.target;
  if (unmeasured.length > 0 || !target) return { unmeasured, input: null };
  const own = out.filter(({ item }) => item.kind === kind);
  return {
    unmeasured,
    input: {
      valves: own.map(({ item: { id }, readings: { found, set } }) => ({
        id,
        measuredMm: (set ?? found)?.mm ?? 0,
        fittedMm: shimOf(id) ?? 0,
      })),
      lowMm: target.lowMm,
      highMm: target.highMm,
      targetMm: target.aimMm,
      stock: (sheet.overhead?.tappetShims ?? []).map((size) => ({
        mm: figureMm(size),
        count: items.length,
      })),
    },
  };
}
