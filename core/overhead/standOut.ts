import { median } from '../quantity/median';
import {
  requireDistinct,
  requireNotNegative,
  requireNumber,
  requireSome,
} from '../quantity/reckoningFault';
import { atMost } from '../quantity/withinLimits';

export interface StandOutInput {
  /** How far each adjuster stands out of its rocker, or above any one face. */
  readonly items: readonly {
    readonly id: string;
    readonly mm: number;
    /** Those of one kind are compared with each other: inlets, exhausts. */
    readonly kind?: string;
  }[];
  /** How far one may stand from its fellows. */
  readonly limitMm?: number;
}

export interface StandOut {
  readonly items: readonly {
    readonly id: string;
    readonly kind: string | null;
    readonly mm: number;
    /** Beyond the middle one of its kind; less than nothing: short of it. */
    readonly offMm: number;
    readonly verdict: 'alike' | 'odd' | 'not-judged';
  }[];
  readonly kinds: readonly {
    readonly kind: string | null;
    readonly medianMm: number;
    /** How far one may stand from the middle one. */
    readonly limitMm: number;
    /**
     * `too-few`: under four, none can be told to be odd. `scattered`: they stand so unevenly that none
     * of them is odd.
     */
    readonly code: 'alike' | 'odd' | 'scattered' | 'too-few';
  }[];
}

/** Under this many of a kind, which of them is odd cannot be told. */
const FEWEST = 4;
/** What adjusters differ by without anybody wondering. */
const FLOOR_MM = 0.5;
/** Three standard deviations, from the median of the deviations. */
const SPREADS = 3 * 1.4826;

/**
 * Which adjuster stands out of line with its fellows? A push rod on the edge of its pocket sets well and
 * fails soon; its adjuster shows it. Each is held against the median of its kind, by the limit given or,
 * without one, half a millimetre or three spreads (3 × 1.4826 × the median deviation), whichever is more.
 * @throws ReckoningFault naming the field
 * @example standOut({ items: [8.1, 8.2, 8, 9.9].map((mm, at) => ({ id: `E${at + 1}`, mm })) }) // E4 is odd
 */
export function standOut({ items, limitMm }: StandOutInput): StandOut {
  requireSome('items', items);
  requireDistinct(
    'items',
    items.map(({ id }) => id),
  );
  items.forEach(({ mm }, at) => requireNumber(`items[${at}].mm`, mm));
  if (limitMm !== undefined) requireNotNegative('limitMm', limitMm);
  const kinds = [...new Set(items.map(({ kind }) => kind ?? null))].map((kind) => {
    const own = items.filter((item) => (item.kind ?? null) === kind).map(({ mm }) => mm);
    const medianMm = median(own);
    const deviation = median(own.map((mm) => Math.abs(mm - medianMm)));
    const limit = limitMm ?? Math.max(FLOOR_MM, SPREADS * deviation);
    const odd = own.some((mm) => !atMost(Math.abs(mm - medianMm), limit));
    const scattered = !atMost(deviation, limitMm ?? FLOOR_MM);
    const code: StandOut['kinds'][number]['code'] =
      own.length < FEWEST ? 'too-few' : odd ? 'odd' : scattered ? 'scattered' : 'alike';
    return { kind, medianMm, limitMm: limit, code };
  });
  return {
    items: items.map(({ id, mm, kind = null }) => {
      const ofKind = kinds.find((entry) => entry.kind === kind);
      const offMm = mm - (ofKind?.medianMm ?? mm);
      const judged = ofKind !== undefined && ofKind.code !== 'too-few';
      const alike = atMost(Math.abs(offMm), ofKind?.limitMm ?? 0);
      return { id, kind, mm, offMm, verdict: judged ? (alike ? 'alike' : 'odd') : 'not-judged' };
    }),
    kinds,
  };
}
