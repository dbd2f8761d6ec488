import type { RunView, StageView } from './views';
import { nutTravel, type NutTravel } from '../../tightening/nutTravel';

/** Nuts are alike within half a hole where the sheet does not say. */
const USUAL_TOLERANCE = 0.5;

/**
 * How the nuts of a pressure stage travelled, once each was counted.
 * @returns null while any is not, and for stages without nuts to count
 */
export function nutsOf(view: Pick<RunView, 'set'>, stage: StageView): NutTravel | null {
  const { tensioner } = view.set;
  if (stage.stage.kind !== 'hydraulic' || !tensioner?.holesPerTurn) return null;
  const nuts = stage.bolts.map(({ act, attempts }) => ({
    id: act.fastener,
    holes: attempts.at(-1)?.holes,
  }));
  const counted = nuts.filter(
    (nut): nut is { id: string; holes: number } => nut.holes !== undefined,
  );
  if (counted.length < nuts.length) return null;
  return nutTravel({
    nuts: counted,
    toleranceHoles: tensioner.toleranceHoles ?? USUAL_TOLERANCE,
    ...(tensioner.expectedHoles !== undefined &&
      isLast(view, stage) && { expectedHoles: tensioner.expectedHoles }),
  });
}

/** What is expected is printed for the last pressure. */
function isLast({ set }: Pick<RunView, 'set'>, { stage }: StageView): boolean {
  const pressures = (set.programme?.cycles ?? []).flatMap(({ stages }) =>
    stages.filter(({ kind }) => kind === 'hydraulic'),
  );
  return pressures.at(-1)?.id === stage.id;
}
