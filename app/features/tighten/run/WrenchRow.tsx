import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { Prepared } from '@cardinex/core/job/facts/runs';
import { Pressable, Text, View } from 'react-native';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { settingFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { Figure } from '../../../ui/Figure';
import { Small } from '../../../ui/Words';

interface Props {
  readonly view: RunView;
  readonly bolt: BoltView;
  readonly prepared: Prepared | null;
  /** What the wrench is set to for this bolt; null where none pulls it. */
  readonly setNm: number | null;
  readonly onChange: () => void;
}

/** The wrench in hand and what it is set to, and what goes on the thread; a tap changes what is ready. */
export function WrenchRow({ view, bolt, prepared, setNm, onChange }: Props) {
  const { torque } = useUnits();
  const wrench = prepared?.wrench ?? null;
  const fastener = view.set.fasteners.find(({ id }) => id === bolt.act.fastener);
  const group = fastener && groupOf(view.set, fastener);
  const isSet = wrench !== null && setNm !== null;
  return (
    <View className="flex-row items-center justify-between gap-2 border-t border-rule px-3.5 py-1.5">
      <Pressable
        role="button"
        onPress={onChange}
        className="min-h-[56px] flex-row items-center gap-2"
      >
        <Text className="font-strong text-note text-ink underline">
          {isSet ? w.wrenchSet(wrench.name) : w.getReady}
        </Text>
        {isSet ? <Figure size="small" value={settingFigure(setNm, torque)} unit={torque} /> : null}
      </Pressable>
      <Small className="shrink text-right">{group?.treatment.says ?? ''}</Small>
    </View>
  );
}
