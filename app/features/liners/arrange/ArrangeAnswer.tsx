import { View } from 'react-native';
import type { LinerArrange } from '@cardinex/core/block/linerArrange';
import { arrangeSentence, arrangeWords as w, placedSentence } from '@cardinex/words/arrange';
import { useUnits } from '../../../device/preferences';
import { WorkStanding } from '../../../device/worker/WorkStanding';
import { Mark } from '../../../ui/Mark';
import { Body, Heading, Small } from '../../../ui/Words';
import { MovesDrawing } from './MovesDrawing';
import type { Arranging } from './useArranged';

interface Props {
  readonly bores: readonly string[];
  readonly arranging: Arranging;
}

/** How far the search is, and what it found: as they are beside the best, drawn and in words. */
export function ArrangeAnswer({ bores, arranging }: Props) {
  if (arranging.state !== 'done') return <WorkStanding work={arranging} words={w} />;
  const { standing, best } = arranging.found;
  return (
    <View className="gap-2" testID="result">
      <MovesDrawing bores={bores} standing={standing} best={best} />
      {standing ? <Found title={w.asTheyAre} found={standing} lines={false} /> : null}
      <Found title={w.best} found={best} lines />
    </View>
  );
}

function Found({ title, found, lines }: { title: string; found: LinerArrange; lines: boolean }) {
  const units = useUnits();
  const shimmed = found.placement.some(({ shimsMm }) => shimsMm.length > 0);
  return (
    <View className="gap-1">
      <View className="flex-row items-center gap-2">
        <Mark kind={found.feasible ? 'within' : 'out'} />
        <Heading level={3}>{title}</Heading>
      </View>
      <Body>{lines ? arrangeSentence(found, units) : w.standing(found, units)}</Body>
      {lines && shimmed
        ? found.placement.map((placed) => (
            <Small key={placed.bore}>{placedSentence(placed, units)}</Small>
          ))
        : null}
    </View>
  );
}
