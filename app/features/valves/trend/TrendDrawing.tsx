import { trendDrawing } from '@cardinex/drawings/valves/trend';
import { trendSentence } from '@cardinex/words/overhead';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { DrawingView } from '../../../ui/drawing/DrawingView';

type Facts = Omit<Parameters<typeof trendDrawing>[0], 'description' | 'figure' | 'hours'>;

/** A gap over the hours; nothing while none was read. */
export function TrendDrawing(props: Facts) {
  const units = useUnits();
  const drawing = trendDrawing({
    ...props,
    description: w.trend(trendSentence(props.found, units)),
    figure: (mm) => lengthFigure(mm, units.length),
    hours: (hours) => `${hours} ${w.hours}`,
  });
  return drawing ? <DrawingView drawing={drawing} /> : null;
}
