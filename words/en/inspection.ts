import type { BoreWear } from '@cardinex/core/block/boreWear';
import type { FaceFlatness } from '@cardinex/core/block/faceFlatness';
import type { HeadFlatness } from '@cardinex/core/block/headFlatness';
import type { RingThickness } from '@cardinex/core/block/ringThickness';
import type { EndFloat } from '@cardinex/core/crank/endFloat';
import type { RunningClearance } from '@cardinex/core/crank/runningClearance';
import type { Undersize } from '@cardinex/core/crank/undersize';
import type { LimitVerdict } from '@cardinex/core/quantity/limitVerdict';
import { METRIC, length, listed, type ReaderUnits } from './quantity';
import { lineName } from './straightedge';

/** What to do with a head, and the number that says so. */
export function headSentence(found: HeadFlatness, units: ReaderUnits = METRIC): string {
  const { because, worst, missing, cutMm, thicknessAfterMm } = found;
  const mm = (value = 0): string => length(value, units);
  const gap = `${mm(worst.gapMm)} ${lineName(worst.line)}`;
  switch (because) {
    case 'below-repair':
      return 'Thinner than its repair figure: replace it.';
    case 'flat':
      return `Flat: ${gap} at most. It goes back.`;
    case 'lines-missing':
      return `Read it ${listed(missing.map((line) => lineName(line)))} too before anything is decided.`;
    case 'cam-in-head':
      return `Out by ${gap}. It carries the cam, whose bearing line has moved with the face, and its maker allows no cut: replace it.`;
    case 'thickness-unknown':
      return `Out by ${gap}. Measure its thickness, and find its repair figure, before it is cut: it may have been cut before.`;
    case 'enough-left':
      return `Out by ${gap}. Cut ${mm(cutMm)}; ${mm(thicknessAfterMm)} is left. Valves come nearer the pistons, compression rises, injectors stand out further.`;
    case 'too-little-left':
      return `Out by ${gap}. A cut of ${mm(cutMm)} would leave ${mm(thicknessAfterMm)}, less than its repair figure: replace it.`;
  }
}

/** One check against its limit: "taper 0.04 mm, within". */
export function checkSentence(
  what: string,
  mm: number,
  verdict: LimitVerdict,
  units: ReaderUnits = METRIC,
): string {
  const words = { within: 'within', over: 'over its limit', 'no-limit': 'no limit given' };
  return `${what} ${length(mm, units)}: ${words[verdict]}`;
}

/** What a bore comes to, and the oversize that cleans it up. */
export function boreWearSentence(found: BoreWear, units: ReaderUnits = METRIC): string {
  const checks = [
    checkSentence('Wear', found.wearMm, found.wear, units),
    checkSentence('taper', found.taperMm, found.taper, units),
    checkSentence('ovality', found.ovalityMm, found.ovality, units),
  ];
  const { oversizeMm, oneSidedOversizeMm, neededMm, oneSidedNeededMm } = found;
  if (oversizeMm === undefined) return `${checks.join(', ')}.`;
  const needs = (mm: number | null | undefined, needed: number | undefined): string =>
    mm === null || mm === undefined
      ? `none given here reaches the ${length(needed ?? 0, units)} it takes`
      : length(mm, units);
  const one =
    oneSidedOversizeMm === oversizeMm && oversizeMm !== null
      ? ''
      : `; if it is all on one side, ${needs(oneSidedOversizeMm, oneSidedNeededMm)}`;
  return `${checks.join(', ')}. Oversize: ${needs(oversizeMm, neededMm)}${one}.`;
}

/** Which undersize a journal is at, how far it is worn, and what follows. */
export function undersizeSentence(found: Undersize, units: ReaderUnits = METRIC): string {
  const { stepMm, wearMm, nextStepMm, verdict } = found;
  const at = stepMm === 0 ? 'Standard size' : `Undersize ${length(stepMm, units)}`;
  const worn = `${at}, ${length(wearMm, units)} below it`;
  const next =
    nextStepMm === null ? 'no step is left' : `the next step is ${length(nextStepMm, units)}`;
  switch (verdict) {
    case 'keep':
      return `${worn}: within. Keep it.`;
    case 'grind':
      return `${worn}: worn. Grind it to ${length(nextStepMm ?? 0, units)}.`;
    case 'replace':
      return `${worn}: ${next === 'no step is left' ? next : 'under the least it may be'}. Replace it.`;
    case 'no-limit':
      return `${worn}: no limit given; ${next}.`;
  }
}

/** A verdict against two limits. */
export const againstWords = {
  within: 'within',
  tight: 'too tight',
  loose: 'too loose',
  'no-limit': 'no limit given',
} as const;

/** The least and the greatest room a journal has. */
export function clearanceSentence(found: RunningClearance, units: ReaderUnits = METRIC): string {
  const { smallestMm, largestMm, smallest, largest } = found;
  return `Least ${length(smallestMm, units)}: ${againstWords[smallest]}. Greatest ${length(largestMm, units)}: ${againstWords[largest]}.`;
}

/** How far a shaft moves endways. */
export function endFloatSentence({ mm, verdict }: EndFloat, units: ReaderUnits = METRIC): string {
  return `End float ${length(mm, units)}: ${againstWords[verdict]}.`;
}

/** Whether a sealing ring is thick enough, and even. */
export function ringSentence(found: RingThickness, units: ReaderUnits = METRIC): string {
  const { leastMm, thickness, spreadMm, spread } = found;
  const thick = {
    within: 'thick enough',
    under: 'too thin: renew it',
    'no-limit': 'no limit given',
  };
  return `Thinnest ${length(leastMm, units)}: ${thick[thickness]}. ${checkSentence('Spread', spreadMm, spread, units)}.`;
}

/** Whether a face is flat, and which lines of it are not. */
export function faceSentence(
  { worstMm, lines, code }: FaceFlatness,
  units: ReaderUnits = METRIC,
): string {
  const worst = length(worstMm, units);
  const named = listed(lines.filter((line) => line.code === code).map(({ line }) => line));
  switch (code) {
    case 'within':
      return `Flat: ${worst} at most.`;
    case 'over':
      return `Out of flat at ${named}. The worst gap of all is ${worst}.`;
    case 'no-limit':
      return `${worst} at most: within the limit for the whole face. The length of ${named} was not given, so the limit over a length was not held against it.`;
  }
}
