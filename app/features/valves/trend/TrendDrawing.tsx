import type { LashReading, LashTrend } from '@cardinex/core/overhead/lashTrend';
import { trendDrawing } from '@cardinex/drawings/valves/trend';
import { trendSentence } from '@cardinex/words/overhead';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { DrawingView } from '../../../ui/drawing/DrawingView';

interface Props {
  readonly readings: readonly LashReading[];
  readonly closesAtMm: number;
  readonly found: LashTrend;
}

/** A gap over the hours; nothing while none was read. */
export function TrendDrawing(props: Props) {
  const units = useUnits();
  const drawing = trendDrawing({
    ...props,
    description: w.trend(trendSentence(props.found, units)),
    figure: (mm) => lengthFigure(mm, units.length),
    hours: (hours) => `${hours} ${w.hours}`,
  });
  return drawing ? <DrawingView drawing={drawing} /> : null;
}
