import { drawDown, type DrawDown } from '../assembly/drawDown';
import type { AngleFigure } from '../quantity/figure';
import { figureMm } from '../quantity/figureMm';
import { ReckoningFault } from '../quantity/reckoningFault';
import { readThread } from '../tightening/screwThread';
import { memoizeByObject } from './memoize';
import { pulledInOrder } from './pulledInOrder';
import type { FastenedSet, SheetDrawStage } from './spec/fastening';

/**
 * How a part that stands off its seat on springs is drawn down by this set.
 * @returns null where its sheet says nothing of springs, or a thread cannot be read
 */
export const drawDownOf = memoizeByObject((set: FastenedSet): DrawDown | null => {
  const { springLoad, fasteners, groups } = set;
  const pitches = new Set(groups.map(({ thread }) => readThread(thread)?.pitchMm));
  const [pitchMm] = pitches;
  if (!springLoad || pitches.size !== 1 || pitchMm === undefined) return null;
  try {
    return drawDown({
      fasteners,
      order: pulledInOrder(set),
      pitchMm,
      downMm: figureMm(springLoad.down),
      stepMm: figureMm(springLoad.step),
    });
  } catch (error) {
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
});

/** The rounds of it, each of the same small turn for every fastener; backwards on the way off. */
export function drawRounds(set: FastenedSet, way: 'down' | 'up'): readonly SheetDrawStage[] {
  const plan = drawDownOf(set);
  if (!plan) return [];
  const order = way === 'down' ? pulledInOrder(set) : plan.offOrder;
  const value = Math.round(plan.turnDegPerRound);
  const turn: AngleFigure = {
    text: `${value}°`,
    value,
    unit: 'deg',
    from: 'assumed',
    source: 'the thread’s pitch, and how far the springs hold it up',
  };
  return Array.from({ length: plan.rounds }, (_, nth) => ({
    id: `draw-${nth + 1}`,
    kind: 'draw-down' as const,
    order,
    turn,
    round: nth + 1,
    rounds: plan.rounds,
  }));
}

/** A set whose part is drawn down evenly before its first value; the same once it is. */
export const drawnDown = memoizeByObject((set: FastenedSet): FastenedSet => {
  const { programme } = set;
  const [first, ...more] = programme?.cycles ?? [];
  const rounds = drawRounds(set, 'down');
  const named = new Set(first?.stages.map(({ id }) => id));
  if (!programme || !first || rounds.length === 0 || rounds.some(({ id }) => named.has(id)))
    return set;
  const cycles = [{ ...first, stages: [...rounds, ...first.stages] }, ...more];
  return { ...set, programme: { ...programme, cycles } };
});
