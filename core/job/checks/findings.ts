import { isBuildKind } from './check';
import type { ChecksState } from '../facts/checks';
import { BORE_HEIGHTS, boreWear, type BoreWear } from '../../block/boreWear';
import {
  headFlatness,
  STRAIGHTEDGE_LINES,
  type HeadFlatness,
  type StraightedgeLine,
} from '../../block/headFlatness';
import { ringThickness, type RingThickness } from '../../block/ringThickness';
import { endFloat, type EndFloat } from '../../crank/endFloat';
import {
  clearanceRead,
  runningClearance,
  type RunningClearance,
} from '../../crank/runningClearance';
import { undersize, type Undersize } from '../../crank/undersize';
import { figureMm } from '../../quantity/figureMm';
import { ReckoningFault } from '../../quantity/reckoningFault';
import { againstLimit, type LimitVerdict } from '../../quantity/limitVerdict';
import { groupOf, setOf } from '../../sheet/programmeOf';
import type { JournalSpec } from '../../sheet/spec/block';
import { buildFinding, type BuildFinding } from './buildFindings';
import { limitsMm } from './limitsMm';
import { readingOf, WHOLE } from './state';
import type { JobSheet } from '../scope';
import { THICKNESS } from '../cards/inspect/checks';
import { type Check } from './check';

/** What the readings of an item, or of a whole check, come to. */
export type CheckFinding =
  | BuildFinding
  | { readonly kind: 'flatness'; readonly found: HeadFlatness }
  | { readonly kind: 'bores'; readonly found: BoreWear }
  | {
      readonly kind: 'journals';
      readonly found: Undersize;
      /** Between its two readings. */
      readonly ovalityMm: number;
      readonly ovality: LimitVerdict;
    }
  | { readonly kind: 'clearances'; readonly found: RunningClearance }
  | { readonly kind: 'end-float'; readonly found: EndFloat }
  | { readonly kind: 'rings'; readonly found: RingThickness }
  | {
      readonly kind: 'lengths';
      readonly found: {
        readonly mm: number;
        readonly limitMm: number;
        readonly verdict: LimitVerdict;
      };
    };

/**
 * What the readings of one item come to; of the whole check, asked with {@link WHOLE}, for a head.
 * @returns null while readings it cannot do without are missing, or the sheet has no figure to go by
 */
export function findingOf(
  sheet: JobSheet,
  state: ChecksState,
  check: Check,
  item: string,
): CheckFinding | null {
  try {
    return reckoned(sheet, state, check, item);
  } catch (error) {
    // Limits that contradict each other are the sheet's fault, and no reason to lose a reading.
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}

function reckoned(
  sheet: JobSheet,
  state: ChecksState,
  check: Check,
  item: string,
): CheckFinding | null {
  const read = (place: string): number | undefined => readingOf(state, check.id, item, place)?.mm;
  const all = check.places.map(read);
  const complete = all.filter((value) => value !== undefined);
  const { kind } = check;
  if (isBuildKind(kind) && kind !== 'end-float')
    return buildFinding(sheet, state, { ...check, kind }, item);
  switch (kind) {
    case 'flatness':
      return item === WHOLE ? flatness(sheet, state, check) : null;
    case 'lengths': {
      const set = setOf(sheet, check.set ?? '');
      const fastener = set?.fasteners.find(({ id }) => id === item);
      const limit = set && fastener && groupOf(set, fastener)?.stretchLimit;
      const mm = read('');
      if (mm === undefined || !limit) return null;
      const limitMm = figureMm(limit);
      return { kind: 'lengths', found: { mm, limitMm, verdict: againstLimit(mm, limitMm) } };
    }
    case 'bores':
      return complete.length < all.length ? null : bore(sheet, read);
    case 'journals': {
      const journal = journalOf(sheet, check);
      return journal && complete.length > 0 ? journalWear(journal, complete) : null;
    }
    case 'clearances': {
      const journal = journalOf(sheet, check);
      const journalMm = check.places.flatMap((place) => {
        const reading = readingOf(state, `journals/${check.journal ?? ''}`, item, place);
        return reading ? [reading.mm] : [];
      });
      if (!journal || complete.length === 0) return null;
      const limits = limitsMm(journal.clearance);
      const direct = check.places.flatMap((place) => {
        const reading = readingOf(state, check.id, item, place);
        return reading?.direct ? [reading.mm] : [];
      });
      if (direct.length > 0) return { kind: 'clearances', found: clearanceRead(direct, limits) };
      if (journalMm.length === 0) return null;
      return {
        kind: 'clearances',
        found: runningClearance({ boreMm: complete, journalMm, limits }),
      };
    }
    case 'end-float': {
      const journal = journalOf(sheet, check);
      const [forwardMm, backMm] = all;
      if (!journal || forwardMm === undefined || backMm === undefined) return null;
      const limits = limitsMm(journal.endFloat);
      return { kind: 'end-float', found: endFloat({ forwardMm, backMm, limits }) };
    }
    case 'rings': {
      const { sealingRing: ring } = sheet;
      if (!ring || complete.length < all.length) return null;
      return {
        kind: 'rings',
        found: ringThickness({
          readingsMm: complete,
          ...(ring.new && { newMm: figureMm(ring.new) }),
          limits: {
            minMm: figureMm(ring.least),
            ...(ring.spread && { spreadMm: figureMm(ring.spread) }),
          },
        }),
      };
    }
    case 'holes':
    case 'shells-found':
    case 'look':
    case 'unclamped':
      return null;
  }
}

function flatness(sheet: JobSheet, state: ChecksState, check: Check): CheckFinding | null {
  const { head } = sheet;
  const read = (item: string): number | undefined => readingOf(state, check.id, item)?.mm;
  const readings = STRAIGHTEDGE_LINES.flatMap((line: StraightedgeLine) => {
    const gapMm = read(line);
    return gapMm === undefined ? [] : [{ line, gapMm }];
  });
  if (!head?.flatness || readings.length === 0) return null;
  const thicknessMm = read(THICKNESS);
  const found = headFlatness({
    readings,
    limitMm: figureMm(head.flatness),
    camInHead: head.camInHead,
    ...(head.cut && { camInHeadCutAllowed: head.cut.allowed }),
    ...(thicknessMm !== undefined && { thicknessMm }),
    ...(head.standardThickness && { standardMm: figureMm(head.standardThickness) }),
    ...(head.repairThickness && { repairMm: figureMm(head.repairThickness) }),
    ...(head.cutAllowance && { cutAllowanceMm: figureMm(head.cutAllowance) }),
  });
  return { kind: 'flatness', found };
}

function bore(sheet: JobSheet, read: (place: string) => number | undefined): CheckFinding | null {
  const { bore: nominal, bores } = sheet;
  if (!nominal || !bores) return null;
  const pair = (height: string): readonly [number, number] => [
    read(`${height}-along`) ?? NaN,
    read(`${height}-across`) ?? NaN,
  ];
  const [top, middle, bottom] = BORE_HEIGHTS;
  const found = boreWear({
    readingsMm: { top: pair(top), middle: pair(middle), bottom: pair(bottom) },
    nominalMm: figureMm(nominal),
    limits: {
      ...(bores.wear && { wearMm: figureMm(bores.wear) }),
      ...(bores.taper && { taperMm: figureMm(bores.taper) }),
      ...(bores.ovality && { ovalityMm: figureMm(bores.ovality) }),
    },
    ...(bores.oversizes && { oversizesMm: bores.oversizes.map(figureMm) }),
  });
  return { kind: 'bores', found };
}

/** A journal may be worn to the lowest size its sheet prints for a new one, counted from its step. */
function journalWear(journal: JournalSpec, journalMm: readonly number[]): CheckFinding | null {
  const { low, high } = journal.standard;
  const standard = high ?? low;
  if (!standard) return null;
  const found = undersize({
    journalMm,
    standardMm: figureMm(standard),
    stepsMm: (journal.undersizes ?? []).map(figureMm),
    ...(journal.minimum && { minimumMm: figureMm(journal.minimum) }),
    ...(low && high && { wearMm: figureMm(high) - figureMm(low) }),
  });
  const ovalityMm = Math.max(...journalMm) - Math.min(...journalMm);
  const ovality = againstLimit(ovalityMm, journal.ovality && figureMm(journal.ovality));
  return { kind: 'journals', found, ovalityMm, ovality };
}

function journalOf(sheet: JobSheet, check: Check): JournalSpec | undefined {
  return sheet.journals?.find(({ id }) => id === check.journal);
}
