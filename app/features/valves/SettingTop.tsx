import type { PropsWithChildren } from 'react';
import { View } from 'react-native';
import type { ItemView, OverheadView } from '@cardinex/core/job/cards/valves';
import { itemShort } from '@cardinex/words/en/itemNames';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { Figure } from '../../ui/Figure';
import { Small } from '../../ui/Words';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import type { SettingPlace } from './useSettingPlace';
import { ValveRow } from './ValveRow';

interface Props {
  readonly view: OverheadView;
  readonly place: SettingPlace;
  readonly current: ItemView;
}

/** What may be set here along the head, and what is in hand; beside it what is asked. */
export function SettingTop({ view, place, current, children }: PropsWithChildren<Props>) {
  const { sheet } = useJob();
  const { item } = current;
  return (
    <>
      <View className="px-2 pt-2">
        <View className="flex-row justify-between px-1">
          <EndMark end={sheet.cylinder1End} />
          <Small>{w.seenFrom('above')}</Small>
        </View>
        <ValveRow view={view} settable={place.may} current={item.id} onPress={place.choose} />
      </View>
      <View className="flex-row gap-6 border-t border-rule px-3.5 py-2">
        <View>
          <Small>{[w.kind(item.kind), item.alongHead].filter(Boolean).join(', ')}</Small>
          <Figure size="act" tone="blue" value={itemShort(item)} testID="valve" />
        </View>
        <View className="flex-1">{children}</View>
      </View>
    </>
  );
}
