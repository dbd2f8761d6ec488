import { View } from 'react-native';
import { offGroups, type OffGroup } from '@cardinex/core/job/cards/strip/view';
import { pieceStandings } from '@cardinex/core/job/plan/pieceStandings';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import { stripWords as w } from '@cardinex/words/cards/strip';
import { engineNow } from '@cardinex/words/drawn/stack';
import { pieceName } from '@cardinex/words/pieces';
import { stackWords } from '@cardinex/words/stack';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';

interface Props {
  readonly inHand: { readonly group: OffGroup; readonly instances: readonly string[] } | null;
  readonly onChoose: (group: OffGroup) => void;
}

/** This engine as it is now: a piece that comes off is taken in hand by a touch. */
export function StackNow({ inHand, onChoose }: Props) {
  const { sheet, state } = useJob();
  const standing = pieceStandings(sheet, state, inHand?.instances ?? []);
  const next = inHand ? pieceName(inHand.group.piece) : null;
  const choose = (instance: string): void => {
    const group = offGroups(sheet).find(
      ({ piece, instances }) => piece.id === headOf(instance) && instances.includes(instance),
    );
    if (group) onChoose(group);
  };
  return (
    <View className="gap-2 border-t border-rule p-3.5">
      <Heading level={3}>{w.whole}</Heading>
      <DrawingView drawing={engineNow(sheet.whole, { standing, next }, false)} onPress={choose} />
      <Small>{stackWords.nowLegend}</Small>
    </View>
  );
}
