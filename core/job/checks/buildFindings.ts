import type { ChecksState, WeighedBeside } from '../facts/checks';
import type { GapVerdict } from '../../overhead/lashVerdict';
import { againstBoth } from '../../crank/runningClearance';
import { wheelLine, type WheelLine } from '../../crank/wheelLine';
import { matchMass, type MatchMass } from '../../piston/matchMass';
import { ringGap, type RingGapFinding } from '../../piston/ringGap';
import type { Limits } from '../../quantity/figure';
import { figureMm } from '../../quantity/figureMm';
import { mean } from '../../quantity/mean';
import { againstLimit, type LimitVerdict } from '../../quantity/limitVerdict';
import type { PrintedLengthUnit } from '../../quantity/units';
import { BORES } from '../cards/inspect/checks';
import { isWeighedBeside, ringOfItem } from '../cards/pistons/checks';
import type { JobSheet } from '../scope';
import type { BuildKind, Check } from './check';
import { limitsMm } from './limitsMm';
import { readingOf, weightOf } from './state';

/** A single measure against its limits. */
export interface Measured {
  readonly mm: number;
  readonly lowMm?: number;
  readonly highMm?: number;
  readonly verdict: GapVerdict;
}

/** Pistons opposite each other, as the cylinders have them. */
export interface OpposedPair {
  readonly cylinders: readonly [number, number];
  readonly differenceGrams: number;
  readonly verdict: LimitVerdict;
}

/** What the readings of an item come to, for what is measured as an engine goes together. */
export type BuildFinding =
  | { readonly kind: 'ring-gaps'; readonly found: RingGapFinding }
  | { readonly kind: 'side-clearances' | 'rod-floats'; readonly found: Measured }
  | { readonly kind: 'wheel-line'; readonly found: WheelLine }
  | {
      readonly kind: 'stand-outs';
      readonly found: Measured & {
        /** Between its two readings: it rocks on its pin. */
        readonly rockMm: number;
      };
    }
  | {
      readonly kind: 'masses';
      readonly found: MatchMass;
      /** Where pistons are matched against the one opposite: as they are, not as they could be. */
      readonly opposed: readonly OpposedPair[];
    }
  | {
      /** One piston alone, against the one that came out or the one opposite. */
      readonly kind: 'mass-beside';
      readonly found: {
        readonly beside: WeighedBeside;
        readonly differenceGrams: number;
        readonly limitGrams?: number;
        readonly verdict: LimitVerdict;
      };
    };

/**
 * What the readings of one item come to; of all masses together, whichever is asked.
 * @returns null while readings it cannot do without are missing, and for what is only seen
 */
export function buildFinding(
  sheet: JobSheet,
  state: ChecksState,
  check: Check & { readonly kind: BuildKind },
  item: string,
): BuildFinding | null {
  const read = check.places.flatMap((place) => {
    const reading = readingOf(state, check.id, item, place);
    return reading ? [reading.mm] : [];
  });
  if (check.kind === 'masses') return masses(sheet, state, check);
  const [mm] = read;
  if (mm === undefined || read.length < check.places.length) return null;
  switch (check.kind) {
    // Only seen, or measured for another reckoning.
    case 'bore-work':
    case 'counterbores':
    case 'flanges':
    case 'shells':
    case 'bearing':
    case 'thrust':
    case 'end-float':
    case 'camshaft':
    case 'tappets':
    case 'rings-on':
    case 'on-rod':
    case 'oil-jets':
    case 'in-bore':
    case 'head-built':
    case 'last-look':
    case 'head-on':
    case 'fitted':
    case 'timing':
    case 'pump':
      return null;
    case 'ring-gaps':
      return gap(sheet, state, item, mm);
    case 'side-clearances': {
      const { ring } = ringOfItem(sheet, item);
      return { kind: check.kind, found: measured(mm, ring?.sideClearance) };
    }
    case 'wheel-line': {
      const { line } = sheet.timing ?? {};
      if (!line) return null;
      const shims = line.shims && { shimsMm: line.shims.map(figureMm) };
      const found = wheelLine({ readingsMm: read, withinMm: figureMm(line.within), ...shims });
      return { kind: check.kind, found };
    }
    case 'rod-floats':
      return { kind: check.kind, found: measured(mm, sheet.pistons?.rodSideFloat) };
    case 'stand-outs': {
      const rockMm = Math.max(...read) - Math.min(...read);
      const found = { ...measured(mean(read), sheet.pistons?.standOut), rockMm };
      return { kind: check.kind, found };
    }
  }
}

function measured(mm: number, limits: Limits<PrintedLengthUnit> | undefined): Measured {
  const inMm = limitsMm(limits);
  return { mm, ...inMm, verdict: againstBoth(mm, inMm) };
}

/**
 * A ring's gap at the tightest place of its own bore. It is squared at the bottom of the bore, where it
 * is least worn; where the bore has been read, what it is wider there is taken off.
 */
function gap(sheet: JobSheet, state: ChecksState, item: string, mm: number): BuildFinding | null {
  const { cylinder, ring } = ringOfItem(sheet, item);
  if (!ring) return null;
  const at = (place: string): readonly number[] => {
    const reading = readingOf(state, BORES, String(cylinder), place);
    return reading ? [reading.mm] : [];
  };
  const bottom = ['bottom-along', 'bottom-across'].flatMap(at);
  const all = ['top', 'middle', 'bottom'].flatMap((height) =>
    ['along', 'across'].flatMap((way) => at(`${height}-${way}`)),
  );
  const known = bottom.length > 0;
  const { low, high } = ring.gap ?? {};
  const { rings } = ringGap({
    rings: [
      {
        id: ring.name,
        measuredMm: mm,
        ...(known && { measuredAtBoreMm: mean(bottom) }),
        // A gap printed with one end only is held against that end.
        ...((low ?? high) && {
          limit: { lowMm: low ? figureMm(low) : 0, highMm: high ? figureMm(high) : Infinity },
        }),
      },
    ],
    boreMm: sheet.bore ? figureMm(sheet.bore) : (all[0] ?? 1),
    ...(known && { tightestBoreMm: Math.min(...all) }),
    fileable: ring.fileable,
  });
  const [found] = rings;
  return found ? { kind: 'ring-gaps', found } : null;
}

function masses(sheet: JobSheet, state: ChecksState, check: Check): BuildFinding | null {
  const { massSpread, massPairs } = sheet.pistons ?? {};
  const [only = '', other = ''] = check.items;
  if (isWeighedBeside(other)) {
    const own = weightOf(state, check.id, only);
    const fellow = weightOf(state, check.id, other);
    if (!own || !fellow?.beside) return null;
    const differenceGrams = Math.abs(own.grams - fellow.grams);
    const verdict = againstLimit(differenceGrams, massSpread?.value);
    const limit = massSpread ? { limitGrams: massSpread.value } : {};
    return {
      kind: 'mass-beside',
      found: { beside: fellow.beside, differenceGrams, ...limit, verdict },
    };
  }
  const pieces = check.items.flatMap((id) => {
    const weight = weightOf(state, check.id, id);
    return weight ? [{ id, grams: weight.grams }] : [];
  });
  if (pieces.length < check.items.length) return null;
  const limit = massSpread ? { limitGrams: massSpread.value } : {};
  const gramsOf = (cylinder: number): number =>
    pieces.find(({ id }) => id === String(cylinder))?.grams ?? NaN;
  const opposed = (massPairs ?? [])
    .filter((pair) => pair.every((cylinder) => check.items.includes(String(cylinder))))
    .map((cylinders): OpposedPair => {
      const differenceGrams = Math.abs(gramsOf(cylinders[0]) - gramsOf(cylinders[1]));
      const verdict = againstLimit(differenceGrams, massSpread?.value);
      return { cylinders, differenceGrams, verdict };
    });
  const pairs = massPairs !== undefined && pieces.length % 2 === 0;
  return { kind: 'masses', found: matchMass({ pieces, ...limit, pairs }), opposed };
}
