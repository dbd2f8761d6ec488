import type { CardName } from '@cardinex/core/job/facts/cardName';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { itemName } from '@cardinex/words/itemNames';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { Marked } from '../../../ui/Marked';
import { Body, Heading, Small } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { useSpoken } from '../../job/useSpoken';
import { SettingFrame } from '../SettingFrame';
import { SettingTop } from '../SettingTop';
import type { SettingPlace } from '../useSettingPlace';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly place: SettingPlace;
  readonly current: ItemView;
}

/** A push rod that goes in only where its own valve is shut, felt into its pocket before its gap is set. */
export function RodSetting({ card, view, place, current }: Props) {
  const { sheet, record } = useJob();
  const { id } = current.item;
  const spec = view.spec.pushRods;
  useSpoken(`${itemName(sheet, current.item)}. ${w.rodTitle}.`);
  const see = useOnce(async (found: 'seated' | 'off') => {
    // It stays in hand until its gap is set.
    if ((await record('push-rod.seen', { valve: id, found })) === null) place.choose(id);
  });
  return (
    <SettingFrame
      card={card}
      view={view}
      notSo={{ label: w.rodOff, onPress: () => see('off') }}
      confirm={{ label: w.rodSeated, hint: id, onPress: () => see('seated') }}
    >
      <SettingTop view={view} place={place} current={current}>
        <Heading level={3}>{w.rodTitle}</Heading>
        <Body>{spec?.says ?? ''}</Body>
        {spec ? <Small>{spec.source}</Small> : null}
      </SettingTop>
      <View className="gap-1.5 border-t border-rule px-3.5 py-2">
        {w.rodSays.map((line) => (
          <Body key={line}>{line}</Body>
        ))}
      </View>
      {current.rodNext === 'off' ? (
        <Marked kind="out" className="border-t border-rule px-3.5 py-2" testID="rod-off">
          {w.rodOffSays}
        </Marked>
      ) : null}
    </SettingFrame>
  );
}
