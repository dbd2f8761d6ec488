import type { TimingSpec } from '@cardinex/core/sheet/spec/timing';
import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { timingWheelsDrawing } from '@cardinex/drawings/crank/timingWheels';
import type { Drawing } from '@cardinex/drawings/shape';
import { timingWords } from '../cards/timing';
import { endName } from '../quantity';

/** The timing wheels with how each mark stands, and what is in hand; null where the sheet names no wheels. */
export function timingWheels(
  timing: TimingSpec,
  standing: (mark: number) => PartStanding,
  inHand: string,
): Drawing | null {
  const { seenFrom, drive, links } = timing;
  const seen = seenFrom ? `, ${timingWords.seenFrom(endName(seenFrom))}` : '';
  return timingWheelsDrawing({
    timing,
    standing,
    description: timingWords.drawing(seen, inHand),
    teeth: timingWords.teeth,
    links: links === undefined || drive === 'gears' ? undefined : timingWords.links(links, drive),
  });
}
