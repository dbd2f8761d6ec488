import { View } from 'react-native';
import { inspectWords as w } from '@cardinex/words/en/cards/inspect';
import { Button } from '../../ui/Button';
import { Slip } from '../../ui/Slip';
import { Body } from '../../ui/Words';
import { useOnce } from '../job/useOnce';

interface Props {
  readonly value: string;
  readonly where: string;
  readonly onAgain: () => void;
  readonly onKeep: () => Promise<void>;
}

/** A reading far from its fellows is asked about before it is kept. */
export function FarReading({ value, where, onAgain, onKeep }: Props) {
  const keep = useOnce(onKeep);
  return (
    <Slip title={w.far(value)} onClose={onAgain}>
      <Body>{`${where}. ${w.farAsk}`}</Body>
      <View className="flex-row gap-3">
        <Button label={w.farKeep} tall onPress={keep} className="flex-1" />
        <Button label={w.farAgain} kind="expected" tall onPress={onAgain} className="flex-1" />
      </View>
    </Slip>
  );
}
