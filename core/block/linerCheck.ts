import { mean } from '../quantity/mean';
import { againstLimit, type LimitVerdict } from '../quantity/limitVerdict';
import { atLeast, atMost, inMillionths } from '../quantity/withinLimits';
import {
  ReckoningFault,
  requireDistinct,
  requireNumber,
  requireSome,
} from '../quantity/reckoningFault';

/** One bore with its liner seated and held; heights above the deck, recessed is negative. */
export interface Bore {
  readonly id: string;
  readonly bank?: string;
  /** Bores under one head. */
  readonly headGroup?: string;
  readonly readingsMm: readonly number[];
}

export interface LinerLimits {
  readonly lowMm: number;
  readonly highMm: number;
  /** Most that neighbours may differ. */
  readonly adjacentMm?: number;
  /** Most that the readings of one liner may differ. */
  readonly tiltMm?: number;
  /** Most that the liners under one head may differ. */
  readonly groupSpreadMm?: number;
}

/** Must heights climb along the block, fall, do either, or does it not matter? */
export type Rise = 'none' | 'either' | 'up' | 'down';

export interface LinerCheckInput {
  /** In block order, from the cylinder-1 end. */
  readonly bores: readonly Bore[];
  readonly limits: LinerLimits;
  readonly rise: Rise;
}

export type HeightVerdict = 'within' | 'low' | 'high';

export interface BoreFinding {
  readonly id: string;
  readonly meanMm: number;
  /** Largest reading less smallest; null with a single reading. */
  readonly tiltMm: number | null;
  readonly verdict: HeightVerdict;
  readonly tiltVerdict: LimitVerdict;
  /** One reading is out of limits although the mean is in. */
  readonly readingOutside: boolean;
}

export interface DifferenceFinding {
  readonly from: string;
  readonly to: string;
  /** Height of `to` less height of `from`. */
  readonly mm: number;
  readonly verdict: LimitVerdict;
}

export interface RiseFinding {
  readonly bank: string | null;
  readonly direction: 'up' | 'down';
  readonly verdict: 'within' | 'broken';
  /** Neighbours where the order breaks, and by how much. */
  readonly breaks: readonly {
    readonly from: string;
    readonly to: string;
    readonly excessMm: number;
  }[];
}

export interface GroupFinding {
  readonly headGroup: string;
  readonly spreadMm: number;
  readonly verdict: LimitVerdict;
}

export interface FirstToMend {
  readonly kind: 'tilt' | 'height' | 'adjacent' | 'group' | 'rise';
  /** The bores concerned: one, a pair of neighbours, or a head group's. */
  readonly bores: readonly string[];
  readonly excessMm: number;
}

export interface LinerCheck {
  readonly bores: readonly BoreFinding[];
  readonly differences: readonly DifferenceFinding[];
  readonly rise: readonly RiseFinding[];
  readonly groups: readonly GroupFinding[];
  readonly overall: 'within' | 'out';
  /** What to put right first; null when nothing is out. */
  readonly first: FirstToMend | null;
}

/** Neighbours this close count as equal in the order of heights: the reading's own doubt. */
export const EQUAL_HEIGHT_MM = 0.005;

/**
 * Whether the liners of a block stand as their maker asks, and what to put right first.
 *
 * The mean of a liner's readings is its height, their spread its tilt. What comes first: tilt (dirt
 * or a rolled seal makes every other figure of that liner worthless), then height, neighbours,
 * head group, order; within one kind, the largest excess.
 * @throws ReckoningFault naming the field
 * @example
 * // Liner 3 read 0.07 and 0.11 with 0.03 of tilt allowed: its mean of 0.09 is within, its tilt of 0.04 is not.
 * linerCheck(input).bores[2]?.tiltVerdict // 'over'
 */
export function linerCheck(input: LinerCheckInput): LinerCheck {
  requireBores(input);
  const { limits } = input;
  const bores = input.bores.map((bore) => boreFinding(bore, limits));
  const heights = new Map(bores.map((b) => [b.id, b.meanMm]));
  const banks = inGroups(input.bores, (bore) => bore.bank ?? null);
  const neighbours = banks.flatMap(([, members]) => pairs(members));
  const differences = neighbours.map(([from, to]): DifferenceFinding => {
    const mm = height(heights, to) - height(heights, from);
    return { from, to, mm, verdict: againstLimit(Math.abs(mm), limits.adjacentMm) };
  });
  const rise =
    input.rise === 'none'
      ? []
      : banks.map(([bank, ids]) => riseFinding(bank, ids, heights, input.rise));
  const groups = groupFindings(input.bores, heights, limits.groupSpreadMm);
  const first = firstToMend({ bores, differences, rise, groups }, input);
  return { bores, differences, rise, groups, overall: first === null ? 'within' : 'out', first };
}

function requireBores({ bores, limits }: LinerCheckInput): void {
  requireSome('bores', bores);
  requireDistinct(
    'bores',
    bores.map((b) => b.id),
  );
  bores.forEach((bore, place) => {
    requireSome(`bores[${place}].readingsMm`, bore.readingsMm);
    bore.readingsMm.forEach((mm, at) => requireNumber(`bores[${place}].readingsMm[${at}]`, mm));
  });
  requireStandOutLimits(limits);
}

/**
 * Limits of heights that can be worked with.
 * @throws ReckoningFault naming the field
 */
export function requireStandOutLimits(
  limits: Pick<LinerLimits, 'lowMm' | 'highMm'> & Partial<LinerLimits>,
): void {
  requireNumber('limits.lowMm', limits.lowMm);
  requireNumber('limits.highMm', limits.highMm);
  if (limits.lowMm > limits.highMm) {
    throw new ReckoningFault('limits.highMm', 'range-upside-down');
  }
  for (const field of ['adjacentMm', 'tiltMm', 'groupSpreadMm'] as const) {
    const limit = limits[field];
    if (limit === undefined) continue;
    requireNumber(`limits.${field}`, limit);
    if (limit < 0) throw new ReckoningFault(`limits.${field}`, 'must-not-be-negative');
  }
}

function boreFinding(bore: Bore, limits: LinerLimits): BoreFinding {
  const meanMm = mean(bore.readingsMm);
  const tiltMm =
    bore.readingsMm.length < 2 ? null : Math.max(...bore.readingsMm) - Math.min(...bore.readingsMm);
  const verdict = heightVerdict(meanMm, limits);
  return {
    id: bore.id,
    meanMm,
    tiltMm,
    verdict,
    tiltVerdict: tiltMm === null ? 'no-limit' : againstLimit(tiltMm, limits.tiltMm),
    readingOutside:
      verdict === 'within' && bore.readingsMm.some((mm) => heightVerdict(mm, limits) !== 'within'),
  };
}

function heightVerdict(mm: number, { lowMm, highMm }: LinerLimits): HeightVerdict {
  if (!atLeast(mm, lowMm)) return 'low';
  return atMost(mm, highMm) ? 'within' : 'high';
}

function riseFinding(
  bank: string | null,
  ids: readonly string[],
  heights: ReadonlyMap<string, number>,
  rise: Rise,
): RiseFinding {
  const inDirection = (direction: 'up' | 'down'): RiseFinding => {
    const sign = direction === 'up' ? 1 : -1;
    const breaks = pairs(ids).flatMap(([from, to]) => {
      const fallMm = sign * (height(heights, from) - height(heights, to));
      return atMost(fallMm, EQUAL_HEIGHT_MM)
        ? []
        : [{ from, to, excessMm: fallMm - EQUAL_HEIGHT_MM }];
    });
    return { bank, direction, verdict: breaks.length === 0 ? 'within' : 'broken', breaks };
  };
  if (rise !== 'either') return inDirection(rise === 'down' ? 'down' : 'up');
  const up = inDirection('up');
  const down = inDirection('down');
  return totalExcess(down) < totalExcess(up) ? down : up;
}

function totalExcess(finding: RiseFinding): number {
  return finding.breaks.reduce((sum, b) => sum + b.excessMm, 0);
}

function groupFindings(
  bores: readonly Bore[],
  heights: ReadonlyMap<string, number>,
  limitMm: number | undefined,
): GroupFinding[] {
  return inGroups(bores, (bore) => bore.headGroup ?? null).flatMap(([headGroup, ids]) => {
    if (headGroup === null) return [];
    const members = ids.map((id) => height(heights, id));
    const spreadMm = Math.max(...members) - Math.min(...members);
    return [{ headGroup, spreadMm, verdict: againstLimit(spreadMm, limitMm) }];
  });
}

type Findings = Pick<LinerCheck, 'bores' | 'differences' | 'rise' | 'groups'>;

/** Kinds in the order they are put right; the first kind with anything out gives the answer. */
function firstToMend(findings: Findings, { bores, limits }: LinerCheckInput): FirstToMend | null {
  const tilt = findings.bores
    .filter((b) => b.tiltVerdict === 'over')
    .map((b) => ({
      kind: 'tilt' as const,
      bores: [b.id],
      excessMm: (b.tiltMm ?? 0) - (limits.tiltMm ?? 0),
    }));
  const heights = findings.bores
    .filter((b) => b.verdict !== 'within')
    .map((b) => ({
      kind: 'height' as const,
      bores: [b.id],
      excessMm: b.verdict === 'low' ? limits.lowMm - b.meanMm : b.meanMm - limits.highMm,
    }));
  const adjacent = findings.differences
    .filter((d) => d.verdict === 'over')
    .map((d) => ({
      kind: 'adjacent' as const,
      bores: [d.from, d.to],
      excessMm: Math.abs(d.mm) - (limits.adjacentMm ?? 0),
    }));
  const groups = findings.groups
    .filter((g) => g.verdict === 'over')
    .map((g) => ({
      kind: 'group' as const,
      bores: bores.filter((b) => b.headGroup === g.headGroup).map((b) => b.id),
      excessMm: g.spreadMm - (limits.groupSpreadMm ?? 0),
    }));
  const rise = findings.rise.flatMap((r) =>
    r.breaks.map((b) => ({ kind: 'rise' as const, bores: [b.from, b.to], excessMm: b.excessMm })),
  );
  const worstOf = [tilt, heights, adjacent, groups, rise].find((kind) => kind.length > 0) ?? [];
  return worstOf.reduce<FirstToMend | null>(
    (worst, entry) =>
      worst === null || inMillionths(entry.excessMm) > inMillionths(worst.excessMm) ? entry : worst,
    null,
  );
}

/** Bore ids by some key, keys and ids in block order. */
function inGroups(
  bores: readonly Bore[],
  keyOf: (bore: Bore) => string | null,
): [string | null, string[]][] {
  const groups = new Map<string | null, string[]>();
  for (const bore of bores) groups.set(keyOf(bore), [...(groups.get(keyOf(bore)) ?? []), bore.id]);
  return [...groups];
}

function pairs(ids: readonly string[]): [string, string][] {
  return ids.slice(1).map((to, place) => [ids[place] ?? to, to]);
}

function height(heights: ReadonlyMap<string, number>, id: string): number {
  return heights.get(id) ?? 0;
}
