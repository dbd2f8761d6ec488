import { protractorDrawing } from '@cardinex/drawings/tighten/protractor';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { DrawingView } from '../../../ui/drawing/DrawingView';

interface Props {
  readonly deg: number;
  /** How far it has been turned; null where nobody counts. */
  readonly turned: number | null;
}

/** A turn counted from the paint mark at the top: how far to go, and how far it is. */
export function Protractor({ deg, turned }: Props) {
  const description = w.protractor(Math.round(deg), turned === null ? null : Math.round(turned));
  return (
    <DrawingView
      drawing={protractorDrawing({ deg, turnedDeg: turned, description })}
      width={104}
      height={104}
    />
  );
}
