import { useRef } from 'react';
import { View, type TextInput } from 'react-native';
import { torqueFigure } from '@cardinex/words/quantity';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { useUnits } from '../../../device/preferences';
import type { InHand } from '../../../device/instrument/useInstrument';
import { Field } from '../../../ui/Field';
import { Small } from '../../../ui/Words';
import { useDigitsTo } from '../../reading/useDigitsTo';
import { Live } from './Live';
import type { ReachedKind } from './useReached';

interface Props {
  readonly kind: ReachedKind;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onEnter: () => void;
  readonly faulty: boolean;
  readonly hand: InHand;
}

/** What the wrench showed: typed, or read from it while it is pulled. */
export function ReachedRow({ kind, text, onText, onEnter, faulty, hand }: Props) {
  const { torque } = useUnits();
  const field = useRef<TextInput>(null);
  useDigitsTo(field);
  const unit = { torque, angle: '°', holes: w.holes }[kind];
  const { live } = hand;
  const shown =
    live === null
      ? null
      : kind === 'angle'
        ? `${Math.round(live.deg ?? 0)}°`
        : `${torqueFigure(live.nm ?? 0, torque)} ${torque}`;
  return (
    <View className="flex-row items-center gap-3 border-t border-rule px-3.5 py-1.5">
      <View className="flex-1">
        {hand.standing === null || kind === 'holes' ? (
          <Small>{w.ifShown[kind]}</Small>
        ) : (
          <Live hand={hand} shown={shown} />
        )}
      </View>
      <View className="w-[46%]">
        <Field
          ref={field}
          label={w.itShowed[kind]}
          unit={unit}
          inputMode="decimal"
          value={text}
          onChangeText={onText}
          onSubmitEditing={onEnter}
          blurOnSubmit={false}
          faulty={faulty}
          testID="reached"
        />
      </View>
    </View>
  );
}
