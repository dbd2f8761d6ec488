import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { Mark } from '../../../ui/Mark';
import { Body } from '../../../ui/Words';
import { CardFrame } from '../../job/CardFrame';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';

/** A turned engine can fire: said once on a job, acknowledged by name, before the crank moves. */
export function BarringCaution({
  card,
  back,
}: {
  readonly card: CardName | 'top';
  readonly back: ReactNode;
}) {
  const { record } = useJob();
  const acknowledge = useOnce(() => record('caution.acknowledged', { caution: 'barring' }));
  return (
    <CardFrame
      card={card}
      title={w.beforeBarring}
      back={back}
      acts={{ undo: null, confirm: { label: w.beforeBarringDone, onPress: acknowledge } }}
    >
      <View className="gap-3 p-3.5">
        <View className="flex-row gap-3 rounded-lg border-2 border-red p-3.5">
          <View className="pt-1">
            <Mark kind="out" />
          </View>
          <Body className="flex-1 text-heading">{w.beforeBarringText}</Body>
        </View>
        <Body className="font-strong">{w.barCaution}</Body>
      </View>
    </CardFrame>
  );
}
