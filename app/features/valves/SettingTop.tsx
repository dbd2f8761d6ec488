import { useState, type PropsWithChildren } from 'react';
import { View } from 'react-native';
import { notHere } from '@cardinex/core/job/cards/valves/notHere';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { itemShort } from '@cardinex/words/itemNames';
import { pieceNamed } from '@cardinex/words/pieces';
import { notHereSentence, valvesScreen as w } from '@cardinex/words/cards/valves';
import { Figure } from '../../ui/Figure';
import { Marked } from '../../ui/Marked';
import { Small } from '../../ui/Words';
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
  const [asked, setAsked] = useState<string | null>(null);
  const askedItem = view.items.find((entry) => entry.item.id === asked)?.item;
  const left = askedItem && !place.may.has(askedItem.id) ? notHere(view, askedItem.id) : null;
  return (
    <>
      <View className="px-2 pt-2">
        <ValveRow
          view={view}
          sheet={sheet}
          settable={place.may}
          current={item.id}
          onPress={(id) => {
            setAsked(null);
            place.choose(id);
          }}
          onAsk={(id) => setAsked(id === asked ? null : id)}
        />
      </View>
      {askedItem && left ? (
        <Marked
          kind={left.done ? 'within' : 'out'}
          className="border-t border-rule px-3.5 py-2"
          role="alert"
          testID="left-alone"
        >
          {notHereSentence(itemShort(askedItem), left, (cover) => pieceNamed(sheet, cover))}
        </Marked>
      ) : null}
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
