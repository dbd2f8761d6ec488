import { View } from 'react-native';
import { timingWords as w } from '@cardinex/words/en/cards/timing';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';

/** What did not come out, what follows from it, and what was said of it. */
export function CameOutWrong({ what, said }: { readonly what: string; readonly said: string }) {
  return (
    <View className="flex-row gap-2 border-t border-rule bg-tab px-3.5 py-2.5" role="alert">
      <View className="pt-1">
        <Mark kind="out" />
      </View>
      <View className="flex-1">
        <Body className="font-strong">{what}</Body>
        <Small>{w.failedWhy(said)}</Small>
      </View>
    </View>
  );
}
