import { View } from 'react-native';
import type { LockShift } from '@cardinex/core/overhead/lockShift';
import { lockShiftSentence } from '@cardinex/words/en/cards/valves';
import { useUnits } from '../../device/preferences';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';

/** What locking did to the gaps before this one: what to set, so that it is right once locked. */
export function LockShiftHint({ learnt }: { learnt: LockShift }) {
  const units = useUnits();
  return (
    <View className="flex-row gap-2 border-t border-rule px-3.5 py-2" testID="lock-shift">
      <View className="pt-1">
        <Mark kind="now" />
      </View>
      <Body className="flex-1">{lockShiftSentence(learnt, units)}</Body>
    </View>
  );
}
