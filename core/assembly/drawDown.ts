import { ReckoningFault, requirePositive } from '../quantity/reckoningFault';
import { inMillionths } from '../quantity/withinLimits';
import { requireOrder, requirePlaced, type PlacedFastener } from '../tightening/orderPropose';

export interface DrawDownInput {
  /** Each where it stands, seen from above. */
  readonly fasteners: readonly PlacedFastener[];
  /** Every fastener once, as they take their turns within a round. */
  readonly order: readonly string[];
  readonly pitchMm: number;
  /** How far the part stands off its seat on its springs. */
  readonly downMm: number;
  /** The most one fastener may be drawn down before the others follow. */
  readonly stepMm: number;
}

export interface DrawDown {
  readonly rounds: number;
  readonly turnDegPerRound: number;
  /** The steepest the part can lean between a fastener that has had its turn and one that has not. */
  readonly mostTiltDeg: number;
  /** As they are let off again: in the same steps, the last one first. */
  readonly offOrder: readonly string[];
}

/** The most rounds that are a plan and not a slip of the decimal mark. */
const MOST_ROUNDS = 200;

/**
 * How a part under spring load (a rocker shaft, cam caps, a carrier) is drawn down evenly by its
 * fasteners, before the printed values: in rounds of the same small turn for each. A part that is drawn
 * down at one end first leans, and bends or breaks.
 * @param input lengths in mm; `order` names each fastener once
 * @throws ReckoningFault on a fastener unknown, left out or named twice, on two that stand in one place, on
 *   more than 200 rounds
 * @example drawDown({ fasteners: [{ id: 'a', xMm: 0, yMm: 0 }, { id: 'b', xMm: 100, yMm: 0 }],
 *   order: ['a', 'b'], pitchMm: 1.25, downMm: 5, stepMm: 1 })
 *   // 5 rounds of 288°, 0.573° of lean at most
 * @source a thread advances by its pitch a turn; plane geometry: whichever two are nearest lean the most,
 *   for of any two one has its turn first
 */
export function drawDown(input: DrawDownInput): DrawDown {
  const { fasteners, order, pitchMm, downMm, stepMm } = input;
  requirePlaced(fasteners);
  requireOrder(fasteners, order);
  for (const [field, length] of Object.entries({ pitchMm, downMm, stepMm }))
    requirePositive(field, length);
  const rounds = Math.ceil(inMillionths(downMm) / inMillionths(stepMm));
  if (rounds > MOST_ROUNDS)
    throw new ReckoningFault('stepMm', 'too-many-rounds', { most: MOST_ROUNDS });
  const nearest = nearestMm(fasteners);
  const perRoundMm = downMm / rounds;
  return {
    rounds,
    turnDegPerRound: (360 * perRoundMm) / pitchMm,
    mostTiltDeg: (Math.atan(perRoundMm / nearest) * 180) / Math.PI,
    offOrder: [...order].reverse(),
  };
}

/** The least distance of any two fasteners; endless where there is but one, which cannot lean. */
function nearestMm(fasteners: readonly PlacedFastener[]): number {
  let nearest = Infinity;
  fasteners.forEach(({ id, xMm, yMm }, place) => {
    for (const other of fasteners.slice(0, place)) {
      const distance = Math.hypot(xMm - other.xMm, yMm - other.yMm);
      if (inMillionths(distance) === 0)
        throw new ReckoningFault(`fasteners[${place}]`, 'same-place', { id: other.id, other: id });
      nearest = Math.min(nearest, distance);
    }
  });
  return nearest;
}
