import { crankDrawing } from '@cardinex/drawings/crank/crank';
import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { buildWords as w } from '@cardinex/words/cards/buildSteps';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { useJob } from '../job/JobProvider';

interface Props {
  /** How many main bearings; one more than the throws between them. */
  readonly mains: number;
  readonly throwStanding?: ((nth: number) => PartStanding) | undefined;
  readonly capStanding?: ((nth: number) => PartStanding) | undefined;
  readonly said: string;
}

/** The crank of the job's engine from the side, with how its caps or its throws stand. */
export function CrankDrawing({ said, ...facts }: Props) {
  const { sheet } = useJob();
  const description = w.crankDrawing(said);
  return <DrawingView drawing={crankDrawing({ ...facts, sheet, description })} maxHeight={190} />;
}
