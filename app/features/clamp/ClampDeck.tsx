import { clampMapDrawing } from '@cardinex/drawings/tighten/clampMap';
import { clampWords as w } from '@cardinex/words/cards/clamp';
import { clampForce } from '@cardinex/words/clamp';
import { fixed } from '@cardinex/words/kit';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { tallestOf } from '../tighten/HeadMap';

type Facts = Omit<Parameters<typeof clampMapDrawing>[0], 'description' | 'figure'>;

interface Props extends Facts {
  readonly title: string;
}

/** The deck from above: each bolt filled as far as it clamps, with its kilonewtons. */
export function ClampDeck({ title, set, bolts, fullKn }: Props) {
  const text = bolts.map(({ id, meanKn }) => `${id} ${clampForce(meanKn)}`).join(', ');
  const figure = (kn: number): string => fixed(kn, 0);
  const description = w.deck(title, text);
  return (
    <DrawingView
      drawing={clampMapDrawing({ set, bolts, fullKn, description, figure })}
      maxHeight={tallestOf(set)}
    />
  );
}
