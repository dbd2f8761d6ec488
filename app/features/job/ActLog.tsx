import { useShopTime } from '../../session/useShopTime';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import { Text, View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { mayBeOn } from '@cardinex/core/job/cardOf';
import { actLine } from '@cardinex/words/acts';
import { shared } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { Heading, Small } from '../../ui/Words';
import { cn } from '../../ui/cn';
import { useJob } from './JobProvider';

const MOST_SHOWN = 12;

interface Props {
  readonly of: ReadonlySet<ActType>;
  /** Where several cards share their acts: only what was done on this one. */
  readonly card?: CardName | undefined;
}

/** The newest acts of one card, struck ones struck through. */
export function ActLog({ of, card }: Props) {
  const { timeOfDay } = useShopTime();
  const { state, log, sheet } = useJob();
  const units = useUnits();
  const acts = log.acts
    .filter((act) => of.has(act.type) && (card === undefined || mayBeOn(card, act, sheet)))
    .slice(-MOST_SHOWN)
    .reverse();
  return (
    <View className="gap-1 border-t border-rule pt-3">
      <Heading level={3} className="text-body">
        {shared.recorded}
      </Heading>
      {acts.length === 0 ? <Small>{shared.nothingRecorded}</Small> : null}
      {acts.map((act) => {
        const line = actLine(act, sheet, units, state);
        const struck = state.struck[act.id] !== undefined && 'line-through';
        return (
          <View key={act.id} className="flex-row gap-3 py-0.5">
            <Text className="w-12 font-text text-note text-soft">{timeOfDay(act.at)}</Text>
            <Text className={cn('flex-1 font-text text-note text-ink', struck)}>{line.what}</Text>
            <Text className={cn('font-text text-note text-ink', struck)}>{line.value ?? ''}</Text>
          </View>
        );
      })}
    </View>
  );
}
