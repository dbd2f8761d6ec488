import { timeOfDay } from '@cardinex/words/kit';
import { View } from 'react-native';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { Mark } from '../../../ui/Mark';

export function WaitNotice({ until, leftMs }: { until: string; leftMs: number }) {
  return (
    <View className="border-t border-rule px-3.5 py-2.5" testID="wait">
      <Mark
        kind={leftMs === 0 ? 'within' : 'waiting'}
        word={leftMs === 0 ? w.waitOver : w.waitUntil(timeOfDay(until))}
      />
    </View>
  );
}
