import { ACCEPTED, refused, type Verdict } from './verdict';
import type { Point } from './facts/layers';
import type { SheetFinding } from '../sheet/checks/finding';
import type { EngineSheet } from '../sheet/engineSheet';
import { isFixed } from '../sheet/checks/variants';
import { placesOverlap, pointerTo, valueAtPlace, withValueAtPlace } from '../sheet/place';
import { variantOf } from '../sheet/variants';
import type { ActOf } from './act';
import type { DecideContext } from './decideContext';
import { layeredOn, newFaults, withPoints } from './differences';
import { withDecision } from './layers';
import type { JobState } from './state';

/** Demands that go against stretch bolts are kept and shown, not turned away: someone must ask. */
const KEPT_FOR_DECISION: ReadonlySet<string> = new Set(['stretch-disturbed', 'demands-contradict']);

/** What bars a leaflet or a deviation from being kept: with it, whoever decided, the sheet would not add up. */
export function barsLayer(base: EngineSheet, points: readonly Point[]): readonly SheetFinding[] {
  return newFaults(base, withPoints(base, points)).filter(
    ({ code }) => !KEPT_FOR_DECISION.has(code),
  );
}

/** A leaflet, or something this engine has had done to it. The context's sheet is the pinned one. */
export function decideLayer(
  state: JobState,
  act: ActOf<'leaflet.entered'> | ActOf<'deviation.entered'>,
  { pinned }: Pick<DecideContext, 'pinned'>,
): Verdict {
  const { points } = act.data;
  const id = act.type === 'leaflet.entered' ? act.data.leaflet : act.data.deviation;
  if (state.layers.layers.some((layer) => layer.id === id)) return refused('layer-taken');
  if (act.type === 'leaflet.entered' && points.length === 0) return refused('nothing-said');
  const base = variantOf(pinned, state.variant);
  const wrong = wrongPlace(base, state, points);
  if (wrong) return wrong;
  return addsUp(barsLayer(base, points));
}

/** Each place once, on the sheet, and none inside another: one figure must not have two keepers. */
function wrongPlace(
  base: EngineSheet,
  { layers }: JobState,
  points: readonly Point[],
): Verdict | null {
  const places = points.map(({ at }) => at);
  const others = layers.layers.flatMap((layer) => layer.points.map(({ at }) => at));
  for (const [n, { at: place, to }] of points.entries()) {
    const pointer = pointerTo(base, place);
    if (pointer === null || isFixed(pointer)) return refused('place-nowhere', { place });
    // What is put there must be what the place names.
    const put = withValueAtPlace(base, place, to);
    if (valueAtPlace(put, place) !== to) return refused('place-nowhere', { place });
    if (places.indexOf(place) !== n) return refused('place-repeated', { place });
    const other = [...places, ...others].find(
      (item) => item !== place && placesOverlap(item, place),
    );
    if (other !== undefined) return refused('place-overlaps', { place, other });
  }
  return null;
}

/** Which source holds: one that spoke there, decided by someone who saw all that was said. */
export function decideDifference(
  state: JobState,
  act: ActOf<'difference.decided'>,
  { pinned }: Pick<DecideContext, 'pinned'>,
): Verdict {
  const { places, take, among, words } = act.data;
  const base = variantOf(pinned, state.variant);
  const { differences } = layeredOn(base, state.layers);
  for (const place of places) {
    const difference = differences.find((entry) => entry.place === place);
    if (!difference || difference.standing === 'nowhere' || difference.standing === 'agrees') {
      return refused('nobody-differs', { place });
    }
    const speakers = difference.claims.map(({ by }) => by);
    if (!speakers.includes(take)) return refused('nobody-differs', { place });
    if (!speakers.every((by) => among.includes(by))) return refused('others-spoke', { place });
  }
  const decision = { take, among, words, by: act.by, at: act.at };
  const after = withDecision(state.layers, places, decision);
  return addsUp(layeredOn(base, after).objections);
}

function addsUp([fault]: readonly SheetFinding[]): Verdict {
  return fault
    ? refused('does-not-add-up', { finding: { code: fault.code, facts: fault.facts } })
    : ACCEPTED;
}
