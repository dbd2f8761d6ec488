import { View } from 'react-native';
import { readingsWords as w } from '@cardinex/words/en/readings';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';

interface Props {
  readonly value: string;
  readonly onAgain: () => void;
  readonly onKeep: () => void;
}

/** A reading far from its fellows is asked about before it is kept. */
export function FarReading({ value, onAgain, onKeep }: Props) {
  return (
    <View role="alert" testID="far" className="gap-2 rounded-lg border-2 border-red p-3">
      <Mark kind="out" word={w.far(value)} />
      <Body>{w.farAsk}</Body>
      <View className="flex-row gap-3">
        <Button label={w.farKeep} onPress={onKeep} className="flex-1" />
        <Button label={w.farAgain} kind="expected" onPress={onAgain} className="flex-1" />
      </View>
    </View>
  );
}
