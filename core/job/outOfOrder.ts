import isEqual from 'fast-deep-equal';
import type { AssemblyAct } from '../sheet/spec/assembly';
import type { PassedWait } from './facts/outOfOrder';
import { cardKey, type CardPlace } from './kit/cardPlace';
import type { JobState } from './state';
import type { Wait } from './trayReason';

/**
 * What kind of wait it is. `danger`: somebody may be hurt, and nobody waives it. `shuts-in`: what is closed over
 * something not done yet, or is closed and has to be opened. `clock`: something sets meanwhile. `decision`: a person has
 * to say something first.
 */
type WaitKind = 'danger' | 'shuts-in' | 'order' | 'part' | 'clock' | 'decision';

export function kindOfWait(wait: Wait): WaitKind {
  switch (wait.code) {
    case 'crank-held':
    case 'temporary-parts-in':
      return 'danger';
    case 'card-first':
      if (wait.card === 'dead') return 'danger';
      return wait.shuts === undefined ? 'order' : 'shuts-in';
    case 'way-shut':
      return 'shuts-in';
    case 'turn-over':
      return 'order';
    case 'parts-missing':
      return 'part';
    case 'clock':
      return 'clock';
    case 'sheet-lacks':
    case 'differences-open':
    case 'decision-pending':
      return 'decision';
  }
}

/** What somebody who goes on out of order passes over; none where it is not theirs to pass over. */
export function passable(wait: Wait): readonly PassedWait[] {
  if (kindOfWait(wait) === 'danger') return [];
  if (wait.code === 'parts-missing') return wait.parts.map(({ what }) => ({ part: what }));
  if (wait.code === 'turn-over') return [{ turnOver: wait.to }];
  if (wait.code === 'clock') return [{ clock: wait.piece.name ?? wait.piece.id, bars: wait.bars }];
  if (wait.code !== 'card-first') return [];
  const { card, set, shuts } = wait;
  return [{ card, ...(set !== undefined && { set }), ...(shuts !== undefined && { shuts }) }];
}

/** Did somebody say that this is not waited for? */
export function isPassed(
  { outOfOrder }: Pick<JobState, 'outOfOrder'>,
  place: CardPlace,
  wait: Wait,
): boolean {
  const known = outOfOrder[cardKey(place)] ?? [];
  const passes = passable(wait);
  return (
    known.length > 0 &&
    passes.length > 0 &&
    passes.every((pass) =>
      known.some(({ despite }) => despite.some((other) => isEqual(other, pass))),
    )
  );
}

/** What of a card is shut in by pieces that were let go on before it was done: which act, and the pieces by their ids. */
export function shutInOf(
  { outOfOrder }: Pick<JobState, 'outOfOrder'>,
  card: CardPlace['card'],
): ReadonlyMap<AssemblyAct, readonly string[]> {
  const shut = new Map<AssemblyAct, string[]>();
  for (const [key, passes] of Object.entries(outOfOrder)) {
    if (!key.startsWith(ON)) continue;
    for (const pass of passes.flatMap(({ despite }) => despite)) {
      if (!('card' in pass) || pass.card !== card || pass.shuts === undefined) continue;
      shut.set(pass.shuts, [...(shut.get(pass.shuts) ?? []), key.slice(ON.length)]);
    }
  }
  return shut;
}

/** How the keys of cards begin on which pieces go on. */
const ON = 'fit/';
