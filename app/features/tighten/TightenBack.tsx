import { View } from 'react-native';
import type { RunView } from '@cardinex/core/job/cards/tighten';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { Body, Heading, Small } from '../../ui/Words';
import { ActLog } from '../job/ActLog';
import { TIGHTEN_ACTS } from './ownActs';

/** Why in stages, what an early click means, the figures and where they come from, what was done. */
export function TightenBack({ view }: { view: RunView }) {
  return (
    <View className="gap-3">
      <View>
        <Heading level={3}>{w.why}</Heading>
        <Body>{w.whyText}</Body>
      </View>
      <View>
        <Heading level={3}>{w.clicksEarly}</Heading>
        <Body>{w.clicksEarlyText}</Body>
      </View>
      <Body>{w.undoNote}</Body>
      <View className="border-t border-rule pt-2">
        {view.set.programme.stages.map(({ id, torque }, place) => (
          <View key={id} className="flex-row items-baseline justify-between">
            <Body className="font-strong">{w.settingFor(place + 1)}</Body>
            <Small>
              {torque.text} · {torque.source}
            </Small>
          </View>
        ))}
      </View>
      <ActLog of={TIGHTEN_ACTS} />
    </View>
  );
}
