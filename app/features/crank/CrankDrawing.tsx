import { crankDrawing } from '@cardinex/drawings/crank/crank';
import { buildWords as w } from '@cardinex/words/cards/buildSteps';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { useJob } from '../job/JobProvider';

type Facts = Omit<Parameters<typeof crankDrawing>[0], 'description' | 'sheet'>;

interface Props extends Facts {
  readonly said: string;
}

/** The crank of the job's engine from the side, with how its caps or its throws stand. */
export function CrankDrawing({ said, ...facts }: Props) {
  const { sheet } = useJob();
  const description = w.crankDrawing(said);
  return <DrawingView drawing={crankDrawing({ ...facts, sheet, description })} maxHeight={190} />;
}
