import { Text, View } from 'react-native';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import type { InHand } from '../../../device/instrument/useInstrument';
import { Mark } from '../../../ui/Mark';

/**
 * What the instrument in hand shows at this moment, or that it is ready or being called.
 * @param shown null between pulls
 */
export function Live({ hand, shown }: { readonly hand: InHand; readonly shown: string | null }) {
  if (hand.standing !== 'connected') return <Mark kind="waiting" word={w.wrenchLost} />;
  return shown === null ? (
    <View testID="live">
      <Mark kind="now" word={w.wrenchReady(hand.name)} />
    </View>
  ) : (
    <Text
      className="font-head text-count text-green"
      style={{ fontVariant: ['tabular-nums'] }}
      testID="live"
    >
      {shown}
    </Text>
  );
}
