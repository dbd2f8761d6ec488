import type { LinerCheck } from '@cardinex/core/block/linerCheck';
import { boreIds, readingsOf } from '@cardinex/core/job/cards/liners/view';
import type { JobSheet } from '@cardinex/core/job/scope';
import { linerHeightsDrawing } from '@cardinex/drawings/liners/linerHeights';
import { lengthFigure } from '@cardinex/words/quantity';
import { linersWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { useJob } from '../job/JobProvider';

interface Props {
  readonly sheet: JobSheet;
  readonly check: LinerCheck | null;
  readonly limits: { readonly lowMm: number; readonly highMm: number };
}

/** The heights side by side under the block, greatly magnified. */
export function HeightProfile({ sheet, check, limits }: Props) {
  const units = useUnits();
  const { state } = useJob();
  const bores = boreIds(sheet);
  const figure = (mm: number): string => lengthFigure(mm, units.length);
  const heights = bores.map((bore) => {
    const read = check?.bores.find(({ id }) => id === bore);
    return `${bore} ${read ? figure(read.meanMm) : w.unread}`;
  });
  return (
    <DrawingView
      drawing={linerHeightsDrawing({
        bores,
        readingsMm: bores.map((id) => readingsOf(state.liners, id)),
        check,
        limits,
        description: w.profileLabel(heights.join(', ')),
        figure,
      })}
    />
  );
}
