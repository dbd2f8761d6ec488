import type { TimingSpec } from '@cardinex/core/sheet/spec/timing';
import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { timingWheels } from '@cardinex/words/drawn/timingWheels';
import { DrawingView } from '../../ui/drawing/DrawingView';

interface Props {
  readonly timing: TimingSpec;
  /** How each mark stands, by its number from 1. */
  readonly standing: (mark: number) => PartStanding;
  /** What is in hand, in words. */
  readonly said: string;
}

/** The timing wheels as they are seen, with every mark where it stands; nothing where the sheet names none. */
export function WheelsDrawing({ timing, standing, said }: Props) {
  const drawing = timingWheels(timing, standing, said);
  return drawing && <DrawingView drawing={drawing} maxHeight={300} />;
}
