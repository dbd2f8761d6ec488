import { View } from 'react-native';
import { stripWords as w } from '@cardinex/words/cards/strip';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Read once on a job before jacks are pumped. */
export function HydraulicsCaution({
  card,
  set,
}: {
  readonly card: 'strip' | 'bearings';
  readonly set: string;
}) {
  const { record } = useJob();
  const read = useOnce(() => record('caution.acknowledged', { caution: 'hydraulics' }));
  return (
    <CardFrame
      card={card}
      title={w.slackenTitle(set)}
      back={<BackOfCard says={w.back} />}
      acts={{ undo: null, confirm: { label: w.hydraulicsRead, onPress: read } }}
    >
      <View className="flex-row gap-3 p-4">
        <Mark kind="out" size={26} />
        <Body className="flex-1">{w.hydraulics}</Body>
      </View>
    </CardFrame>
  );
}
