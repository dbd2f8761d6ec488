import type { CrankHold } from '@cardinex/core/job/facts/crank';
import { View } from 'react-native';
import { crankHoldSentence } from '@cardinex/words/register';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { ClampLiners } from '../strip/ClampLiners';

/** Why the crank must not be turned for what this card asks. */
export function HeldNotice({ by }: { by: CrankHold }) {
  if (by.code === 'liners-loose') {
    return (
      <View className="p-3.5">
        <ClampLiners />
      </View>
    );
  }
  return (
    <View className="flex-row gap-2 bg-tab px-3.5 py-2.5" role="alert">
      <Mark kind="out" />
      <Body className="flex-1">{crankHoldSentence(by)}</Body>
    </View>
  );
}
