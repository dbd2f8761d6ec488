import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { BridgeStep } from '@cardinex/core/job/facts/valves';
import { useState } from 'react';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { itemName } from '@cardinex/words/itemNames';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { bridgeStepName } from '@cardinex/words/overheadNames';
import { Marked } from '../../../ui/Marked';
import { signal } from '../../../ui/signal';
import { Body, Heading, Small } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { useSpoken } from '../../job/useSpoken';
import { BridgeDrawing } from './BridgeDrawing';
import { SettingFrame } from '../SettingFrame';
import { SettingTop } from '../SettingTop';
import type { SettingPlace } from '../useSettingPlace';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly place: SettingPlace;
  readonly current: ItemView;
  readonly step: BridgeStep;
}

/** A bridge is equalised and tried before its gap, and tried once more after it: one that turns has left a stem. */
export function BridgeSetting({ card, view, place, current, step }: Props) {
  const { sheet, record } = useJob();
  const [turned, setTurned] = useState(false);
  const spec = view.spec.bridges;
  const { id } = current.item;
  const see = useOnce(async (found: 'good' | 'turns') => {
    const problem = await record('bridge.seen', { valve: id, step, found });
    if (problem !== null) return;
    setTurned(found === 'turns');
    if (found === 'turns') signal('refused');
    // It stays in hand until its gap is set.
    place.choose(id);
    if (step === 'after' && found === 'good') place.goOn();
  });
  const title = w.bridge[step];
  useSpoken(`${itemName(sheet, current.item)}. ${title}.`);
  const says = step === 'equalised' ? spec?.equalise : spec?.twist;
  const found = current.bridge[step]?.found;
  return (
    <SettingFrame
      card={card}
      view={view}
      notSo={{
        label: step === 'equalised' ? w.bridgeWillNot : w.bridgeTurns,
        onPress: () => see('turns'),
      }}
      confirm={{
        label: step === 'equalised' ? w.bridgeDone : w.bridgeHolds,
        hint: bridgeStepName(step),
        onPress: () => see('good'),
      }}
    >
      <SettingTop view={view} place={place} current={current}>
        <Heading level={3}>{title}</Heading>
        <Body>{says?.says ?? ''}</Body>
        {says ? <Small>{says.source}</Small> : null}
      </SettingTop>
      <View className="items-center border-t border-rule px-3.5 py-2">
        <BridgeDrawing step={step} yoke={view.spec.actsOn === 'yoke'} />
      </View>
      {spec?.oil && step === 'equalised' ? (
        <Body className="border-t border-rule px-3.5 py-2">{spec.oil.says}</Body>
      ) : null}
      {found === 'turns' || turned ? (
        <Marked kind="out" className="border-t border-rule px-3.5 py-2" testID="bridge-off">
          {step === 'equalised' ? w.bridgeStuck : w.bridgeOff}
        </Marked>
      ) : null}
    </SettingFrame>
  );
}
