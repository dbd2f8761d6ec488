import { atStart, counted, fixed, plural, upTo } from './kit';
import type { DeadCentre } from '@cardinex/core/crank/deadCentre';
import type { PistonTravel } from '@cardinex/core/crank/pistonTravel';
import type { HydraulicPreload } from '@cardinex/core/overhead/hydraulicPreload';
import type { InjectorSetting } from '@cardinex/core/overhead/injectorSetting';
import type { LashTrend } from '@cardinex/core/overhead/lashTrend';
import type { StandOut } from '@cardinex/core/overhead/standOut';
import type { ShimChoice, TappetShims } from '@cardinex/core/overhead/tappetShims';
import { METRIC, degrees, length, listed, type ReaderUnits } from './quantity';

/** How deep the plunger stands, and what that means. */
export function hydraulicSentence(
  { depthMm, shareOfTravel, code }: HydraulicPreload,
  units: ReaderUnits = METRIC,
): string {
  const stands = `The plunger stands ${length(depthMm, units)} deep, ${Math.round(shareOfTravel * 100)} % of its travel`;
  return code === 'within'
    ? `${stands}.`
    : `${stands}: pressed right down it holds the valve open. Back it off.`;
}

/** How far an injector’s screw goes, in degrees, flats and quarter turns. */
export function injectorSentence({ deg, flats, quarterTurns, direction }: InjectorSetting): string {
  if (direction === 'none') return 'Leave the screw where it is.';
  return `Turn the screw ${direction} ${degrees(deg)}: ${plain(flats)} flats of a hexagon, ${plain(quarterTurns)} ${plural(quarterTurns, { one: 'quarter turn', other: 'quarter turns' })}.`;
}

function plain(value: number): string {
  return upTo(value, 2);
}

/** Which adjusters stand out of line, and what to look at. */
export function standOutSentence({ items, kinds }: StandOut, units: ReaderUnits = METRIC): string {
  const sentences = kinds.map(({ kind, medianMm, limitMm, code }) => {
    const name = kind === null ? '' : `${atStart(kind)}: `;
    switch (code) {
      case 'too-few':
        return `${name}under four, none can be told to be odd.`;
      case 'scattered':
        return `${name}they stand too unevenly to tell an odd one: look at every push rod.`;
      case 'alike':
        return `${name}all within ${length(limitMm, units)} of ${length(medianMm, units)}.`;
      case 'odd': {
        const odd = items.filter((item) => item.kind === kind && item.verdict === 'odd');
        return `${name}${listed(odd.map(({ id, offMm }) => `${id} stands ${length(Math.abs(offMm), units)} ${offMm > 0 ? 'further out' : 'further in'}`))} than its fellows. Back it off, lift its push rod, feel it into its pocket, set it again.`;
      }
    }
  });
  return sentences.join(' ');
}

/** Which shim goes under one valve, and where it comes from. */
export function shimSentence(
  { id, shimMm, gapMm, from }: ShimChoice,
  units: ReaderUnits = METRIC,
): string {
  const shim = length(shimMm, units);
  const where = from === null ? 'from the stock' : from === id ? 'stays' : `out of ${from}`;
  return `${id}: ${shim}, ${where}; leaves ${length(gapMm, units)}.`;
}

/** What shim a valve needs that has none. */
export function unservedSentence(
  { id, lowMm, highMm, bestMm }: TappetShims['unserved'][number],
  units: ReaderUnits = METRIC,
): string {
  return `${id} has none that fits: it needs ${length(lowMm, units)} to ${length(highMm, units)}, best ${length(bestMm, units)}.`;
}

/** How a set of valves is served. */
export function shimsSentence(
  { shims, unserved, take }: TappetShims,
  units: ReaderUnits = METRIC,
): string {
  const stay = shims.filter(({ id, from }) => id === from).length;
  const moved = shims.filter(({ id, from }) => from !== null && id !== from).length;
  const parts = [
    stay > 0 ? counted(stay, { one: 'stays', other: 'stay' }) : '',
    moved > 0 ? counted(moved, { one: 'changes places', other: 'change places' }) : '',
    take.length > 0
      ? `from the stock: ${listed(take.map(({ mm, count }) => `${count} × ${length(mm, units)}`))}`
      : '',
  ].filter(Boolean);
  const served = parts.length > 0 ? `${atStart(parts.join('; '))}.` : '';
  return [served, ...unserved.map((entry) => unservedSentence(entry, units))]
    .filter(Boolean)
    .join(' ');
}

const hours = (value: number): string => `${Math.round(value)} h`;

/** How fast a gap closes, and when it will have. */
export function trendSentence(found: LashTrend, units: ReaderUnits = METRIC): string {
  switch (found.code) {
    case 'fewer-than-three':
      return 'Under three readings there is no trend.';
    case 'same-hours':
      return 'All readings are of the same hours: there is no trend.';
    case 'not-closing':
      return `It does not close: ${slope(found, units)}.`;
    case 'slope-not-sure':
      return `The readings scatter too much to tell a trend: ${slope(found, units)}.`;
    case 'already-closed':
      return `It is at its limit now${closingSince(found, units)}. Look at the seat.`;
    case 'closing':
      return `It closes: ${slope(found, units)}. At its limit by ${hours(found.atHours)}, nine times in ten between ${hours(Math.max(0, found.lowHours))} and ${hours(found.highHours)}.`;
  }
}

/** How fast it came there, where enough readings tell. */
function closingSince(found: LashTrend & { code: 'already-closed' }, units: ReaderUnits): string {
  const { slopeMmPer1000h, slopeErrorMmPer1000h, atHours } = found;
  if (slopeMmPer1000h === undefined || slopeErrorMmPer1000h === undefined) return '';
  const by = slope({ slopeMmPer1000h, slopeErrorMmPer1000h }, units);
  return atHours === undefined ? `: ${by}` : `: ${by}, there by ${hours(atHours)}`;
}

function slope(
  found: { readonly slopeMmPer1000h: number; readonly slopeErrorMmPer1000h: number },
  units: ReaderUnits,
): string {
  const { slopeMmPer1000h: by, slopeErrorMmPer1000h: error } = found;
  const way = by < 0 ? 'less' : 'more';
  return `${length(Math.abs(by), units)} ${way} in 1000 h, give or take ${length(error, units)}`;
}

/** Where the wheel reads at the top, and by how much it is to be turned on. */
export function deadCentreSentence({ tdcDeg, correctionDeg }: DeadCentre): string {
  const sign = correctionDeg < 0 ? 'Take away' : 'Add';
  const move =
    correctionDeg === 0
      ? 'The wheel stands right.'
      : `${sign} ${exact(Math.abs(correctionDeg))} to make it read nothing there.`;
  return `Top dead centre is where the wheel reads ${exact(tdcDeg)}. ${move} It does not say whether this top is firing or overlap.`;
}

/** Tenths and hundredths of a degree are kept where there are any. */
function exact(deg: number): string {
  return `${upTo(deg, 2)}°`;
}

export function pistonTravelSentence({ belowTopMm }: PistonTravel): string {
  return `The piston stands ${fixed(belowTopMm, 2)} mm below its top.`;
}
