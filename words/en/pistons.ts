import { fixed, plural } from './kit';
import type { Compression } from '@cardinex/core/piston/compression';
import type { GasketGrade } from '@cardinex/core/piston/gasketGrade';
import type { MatchMass } from '@cardinex/core/piston/matchMass';
import type { PinHeat } from '@cardinex/core/piston/pinHeat';
import type { RingClock } from '@cardinex/core/piston/ringClock';
import type { RingGap, RingGapFinding } from '@cardinex/core/piston/ringGap';
import type { PistonSide } from '@cardinex/core/sheet/spec/pistons';
import { mass } from './mass';
import { METRIC, degrees, length, listed, type ReaderUnits } from './quantity';

/** One ring's end gap, and what is done about it. */
export function gapSentence(found: RingGapFinding, units: ReaderUnits = METRIC): string {
  const { correctedMm, lowMm = 0, highMm = 0, leastOffMm = 0, mostOffMm = 0 } = found;
  const mm = (value: number): string => length(value, units);
  const gap = `Gap ${mm(correctedMm)} at the tightest place`;
  switch (found.verdict) {
    case 'within':
      return `${gap}: within.`;
    case 'no-limit':
      return `${gap}: no limit given.`;
    case 'file':
      return `${gap}, under ${mm(lowMm)}: file off ${mm(leastOffMm)} at least and ${mm(mostOffMm)} at most, square, inwards only, and take off the burr.`;
    case 'do-not-file':
      return `${gap}, under ${mm(lowMm)}. These rings come gapped and are not filed: it is the wrong ring, or the wrong bore.`;
    case 'reject':
      return `${gap}, over ${mm(highMm)}: do not fit it. Another ring, or the bore is worn.`;
  }
}

/** All rings of a cylinder, those that are out first. */
export function gapsSentence({ rings }: RingGap, units: ReaderUnits = METRIC): string {
  const out = rings.filter(({ verdict }) => verdict !== 'within' && verdict !== 'no-limit');
  const sentences = (out.length > 0 ? out : rings).map(
    (ring) => `${ring.id}: ${gapSentence(ring, units)}`,
  );
  return sentences.join(' ');
}

/** Where the gaps go, and whether any comes near pin or thrust side. */
export function clockSentence(found: RingClock): string {
  const { places, verdict, tooNear, leastClearDeg } = found;
  const gaps = listed(places.map(({ id, deg }) => `${id} at ${degrees(deg)}`));
  const clear =
    verdict === 'clear'
      ? `None nearer than ${degrees(leastClearDeg)} to a pin end or the thrust side.`
      : `${listed(tooNear)} ${plural(tooNear.length, { one: 'comes', other: 'come' })} as near as ${degrees(leastClearDeg)} to a pin end or the thrust side: nearer than asked, and there is no better turn.`;
  return `Gaps, clockwise seen from the crown: ${gaps}. ${clear}`;
}

/** Whether pieces are alike enough, which are paired, and what the heaviest has too much. */
export function massSentence(found: MatchMass): string {
  const { pairs, verdict, excessGrams, heaviest, lightest, spreadGrams } = found;
  if (pairs) {
    const paired = listed(
      pairs.map(({ ids, differenceGrams }) => `${ids.join(' with ')} (${mass(differenceGrams)})`),
    );
    const described = {
      within: 'All within.',
      over: 'Too far apart.',
      'no-limit': 'No limit given.',
    };
    return `Opposite each other: ${paired}. ${described[verdict]}`;
  }
  const spread = `Spread ${mass(spreadGrams)}, ${lightest} lightest, ${heaviest} heaviest`;
  switch (verdict) {
    case 'within':
      return `${spread}: within.`;
    case 'no-limit':
      return `${spread}: no limit given.`;
    case 'over':
      return `${spread}: ${mass(excessGrams)} too much. Change ${heaviest}, or have it lightened where its maker allows.`;
  }
}

/** How warm the part must be, and whether it may. */
export function heatSentence({ tempC, verdict, clearanceAtMaxMm }: PinHeat): string {
  const warm = `Warm it to ${fixed(tempC, 0)} °C.`;
  switch (verdict) {
    case 'within':
      return `${warm} It may be: within what it stands.`;
    case 'no-limit':
      return `${warm} How warm it may be was not given.`;
    case 'over':
      return `${warm} That is more than it stands: at most, ${length(clearanceAtMaxMm ?? 0)} of room. Press it, or cool the pin.`;
  }
}

/** Which gasket, and why; what is left above the pistons. */
export function gradeSentence(found: GasketGrade, units: ReaderUnits = METRIC): string {
  const { verdict, mark, thicknessMm, byMm, steppedUp, highestCylinder, highestMm } = found;
  const mm = (value: number): string => length(value, units);
  const away = {
    'above-table': `Stand-out ${mm(byMm)} is above every grade of the table`,
    'below-table': `Stand-out ${mm(byMm)} is below every grade of the table`,
    'between-grades': `Stand-out ${mm(byMm)} falls between two grades of the table`,
  };
  if (steppedUp && mark === null) {
    return `The mean ${mm(byMm)} has its grade, but cylinder ${highestCylinder} stands ${mm(highestMm)}: that asks for one grade up, and the table has none above it. Read it again; then look at that piston, its rod and the deck.`;
  }
  if (verdict !== 'graded') {
    return `${away[verdict]}. Read it again; then look at pistons, rods and deck. The highest is cylinder ${highestCylinder} with ${mm(highestMm)}.`;
  }
  const why = steppedUp
    ? `one grade up, because cylinder ${highestCylinder} stands ${mm(highestMm)}`
    : `for ${mm(byMm)}`;
  const least = Math.min(...found.pistons.map(({ clearanceMm = Infinity }) => clearanceMm));
  const clearance = {
    within: `Least room above a piston ${mm(least)}: within.`,
    'too-close': `Least room above a piston ${mm(least)}: too close.`,
    'no-limit': `Least room above a piston ${mm(least)}; no limit given.`,
  };
  return `Gasket ${mark ?? ''}, ${mm(thicknessMm ?? 0)}: ${why}. ${clearance[found.clearance]}`;
}

/** The side a piston is pressed to on its power stroke, or the other. */
export function sideName(side: PistonSide): string {
  return side === 'thrust' ? 'thrust side' : 'side opposite the thrust side';
}

/** A compression ratio as it is written: 17.4:1. */
export function ratio(value: number): string {
  return `${fixed(value, 1)}:1`;
}

/** The ratio, and what a tenth more of gasket does to it. */
export function compressionSentence(found: Compression): string {
  const { changePerTenthMm, clearanceCc } = found;
  return `${ratio(found.ratio)}, ${fixed(clearanceCc, 1)} cc left above the piston. A gasket 0.1 mm thicker makes it ${ratio(found.ratio + changePerTenthMm)}.`;
}

export const clockWords = {
  pin: 'pin',
  thrust: 'thrust',
  gapAt: (ring: string, deg: string) => `${ring} ${deg}`,
  drawing: (towards: string, right: boolean, gaps: string) =>
    `Crown from above, ${towards} at the top, pin upright, thrust side at the ${right ? 'right' : 'left'}. Gaps, clockwise from the top: ${gaps}.`,
} as const;
