import { linerPlanDrawing } from '@cardinex/drawings/liners/linerPlan';
import { length, lengthFigure } from '@cardinex/words/quantity';
import { linersWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { DrawingView } from '../../ui/drawing/DrawingView';

type Facts = Omit<Parameters<typeof linerPlanDrawing>[0], 'description' | 'figure' | 'unread'>;

interface Props extends Facts {
  readonly onPress: (bore: string) => void;
}

/** The block from above, cylinder 1 at the left: each liner with its height, chosen by a touch. */
export function BlockPlan({ onPress, ...facts }: Props) {
  const units = useUnits();
  const heights = new Map(facts.check?.bores.map(({ id, meanMm }) => [id, meanMm]));
  const sentences = facts.bores.map((id) => {
    const mm = heights.get(id);
    return w.linerHeight(id, mm === undefined ? w.unread : length(mm, units));
  });
  return (
    <DrawingView
      drawing={linerPlanDrawing({
        ...facts,
        description: w.planLabel(sentences.join('. ')),
        figure: (mm) => lengthFigure(mm, units.length),
        unread: '–',
      })}
      onPress={onPress}
    />
  );
}
