import { torqueTraceDrawing } from '@cardinex/drawings/tighten/torqueTrace';
import { traceSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import { torqueFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { DrawingView } from '../../ui/drawing/DrawingView';

type Facts = Omit<
  Parameters<typeof torqueTraceDrawing>[0],
  'description' | 'figure' | 'seat' | 'yields'
>;

/** Torque over turn, with where it seated, how steeply it clamped, and where it began to yield. */
export function TraceDrawing({ samples, found }: Facts) {
  const { torque } = useUnits();
  return (
    <DrawingView
      drawing={torqueTraceDrawing({
        samples,
        found,
        description: w.trace(traceSentence(found)),
        seat: w.seat,
        yields: w.yields,
        figure: (nm) => torqueFigure(nm, torque),
      })}
    />
  );
}
