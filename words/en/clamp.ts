import { fixed } from './kit';
import type { AnglePreload } from '@cardinex/core/tightening/anglePreload';
import type { ClampSimulate } from '@cardinex/core/tightening/clampSimulate';
import type { NutTravel } from '@cardinex/core/tightening/nutTravel';
import type { OrderPattern } from '@cardinex/core/tightening/orderPropose';
import type { Preload } from '@cardinex/core/tightening/preload';
import type { Tensioner } from '@cardinex/core/tightening/tensioner';
import type { TraceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { holesText } from './holes';
import { METRIC, degrees, length, listed, pressure, torque, type ReaderUnits } from './quantity';

/** A clamp: tenths below a hundred kilonewtons, whole ones from there. */
export function clampForce(kn: number): string {
  return `${fixed(kn, Math.abs(kn) < 100 ? 1 : 0)} kN`;
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** The clamp of a torque, what scatter does to it, and how hard the bolt is worked. */
export function preloadSentence(found: Preload, units: ReaderUnits = METRIC): string {
  const { torqueNm, forceKn, band, shareOfYield, vonMisesMpa, shares } = found;
  const clamp = `${torque(torqueNm, units)} clamps with ${clampForce(forceKn)}.`;
  const scatter = band
    ? ` Between the roughest and the slipperiest thread that is ${clampForce(band.lowKn)} to ${clampForce(band.highKn)}.`
    : '';
  const worked =
    shareOfYield === undefined
      ? ` While it is pulled the bolt bears ${fixed(vonMisesMpa, 0)} MPa.`
      : ` While it is pulled the bolt bears ${fixed(vonMisesMpa, 0)} MPa, ${percent(shareOfYield)} of its yield${shareOfYield > 1 ? ': it stretches for good' : ''}.`;
  return `${clamp}${scatter}${worked} Of the torque ${percent(shares.clamp)} clamps; thread and head rub away the rest.`;
}

/** What a turn adds. */
export function anglePreloadSentence({ addedKn, endKn, knPerDeg }: AnglePreload): string {
  return `The turn adds ${clampForce(addedKn)}: ${clampForce(endKn)} in all, ${fixed(knPerDeg, 2)} kN for each degree, as long as nothing yields.`;
}

/** What a jack does, and how far the nut follows. */
export function tensionerSentence(found: Tensioner, units: ReaderUnits = METRIC): string {
  const { jackLoadKn, loadLeftKn, stretchMm, nutTurnDeg, holes, stages, shareOfYield } = found;
  const travel = holes === undefined ? '' : `, ${fixed(holes, 1)} holes`;
  const over =
    shareOfYield !== undefined && shareOfYield > 1
      ? ' That is beyond the yield of the stud: do not press it.'
      : '';
  return `${clampForce(jackLoadKn)} on each jack, ${clampForce(loadLeftKn)} left in the stud. It stretches ${length(stretchMm, units)}; the nut follows ${degrees(nutTurnDeg)}${travel} from hand tight. First ${pressure(stages[0].bar, units)}, then ${pressure(stages[1].bar, units)}; pressed again to that, no nut may move.${over}`;
}

/** Whether all nuts went alike, and as far as they should. */
export function nutTravelSentence({ nuts, medianHoles, findings }: NutTravel): string {
  const odd = nuts.filter(({ verdict }) => verdict === 'odd');
  const described: Readonly<Record<NutTravel['findings'][number], string>> = {
    alike: `All nuts went ${holesText(medianHoles)}, within what they may differ.`,
    odd: `${listed(odd.map(({ id, holes: went }) => `Nut ${id} went ${holesText(went)}`))}, the others ${holesText(medianHoles)}: let the pressure off, look at its seat and its jack, and tension it again.`,
    'too-few': `Under three nuts it cannot be told which is odd; the middle is ${holesText(medianHoles)}.`,
    'all-off': `${holesText(medianHoles)} is not what was expected: look at gauge, jack and stud before going on.`,
  };
  return findings.map((finding) => described[finding]).join(' ');
}

/** By what rule an order was proposed. */
export function orderSentence(pattern: OrderPattern): string {
  const rule = {
    spiral: 'outwards in a spiral',
    cross: 'outwards, each next across from the last',
    rows: 'row by row, each from its middle outwards',
  }[pattern];
  return `From the middle ${rule}; a single ring is always crossed. Our own proposal: the manual’s order comes before it.`;
}

/** How even the clamp ends, stage by stage. */
export function clampSentence({ stages }: ClampSimulate): string {
  const spreads = stages.map(
    ({ spreadKn }, at) => `stage ${at + 1}: ${clampForce(spreadKn)} between tightest and slackest`,
  );
  return `After ${listed(spreads)}.`;
}

/** What a trace says of its bolt, and what to do. */
export function traceSentence(found: TraceVerdict, units: ReaderUnits = METRIC): string {
  const { verdict, seatedAt, turnedDeg, peakNm, slopeNmPerDeg, yieldedAt } = found;
  const described: Readonly<Record<TraceVerdict['verdict'], string>> = {
    sound: 'Sound: it seated, and clamped evenly.',
    yielding: `It began to stretch for good${yieldedAt ? ` at ${torque(yieldedAt.nm, units)}` : ''}. Take it out, and do not use it again.`,
    bottomed:
      'It bottomed: the torque rose all at once, before the joint was clamped. Take it out; look at its length, and for oil or dirt in the hole.',
    soft: 'Soft: it turned much further than it should for its torque. Look for something between the faces, a washer missing, or a thread that gives.',
    'stick-slip':
      'It stuck and slipped. Take it out, clean thread and face, treat them as the manual says, and pull again.',
    short: 'It did not get what was asked. Pull it again, in its order.',
    over: 'It got more than was asked. Ease it off and look at it before it stays.',
  };
  const facts = seatedAt
    ? ` Seated at ${torque(seatedAt.nm, units)}, turned ${degrees(turnedDeg)} from there, ${torque(peakNm, units)} at the most${slopeNmPerDeg === null ? '' : `, ${fixed(slopeNmPerDeg, 2)} N·m for each degree`}.`
    : ` It never seated; ${torque(peakNm, units)} at the most.`;
  return `${described[verdict]}${facts}`;
}
