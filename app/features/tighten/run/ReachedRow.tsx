import { useRef } from 'react';
import { Text, View, type TextInput } from 'react-native';
import { torqueFigure } from '@cardinex/words/en/quantity';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { useUnits } from '../../../device/preferences';
import type { InHand } from '../../../device/instrument/useInstrument';
import { Mark } from '../../../ui/Mark';
import { Field } from '../../../ui/Field';
import { Small } from '../../../ui/Words';
import { useDigitsTo } from '../../reading/useDigitsTo';
import type { ReachedKind } from './useReached';

interface Props {
  readonly kind: ReachedKind;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onEnter: () => void;
  readonly fault: string | undefined;
  readonly hand: InHand;
}

/** What the wrench showed: typed, or read from it while it is pulled. */
export function ReachedRow({ kind, text, onText, onEnter, fault, hand }: Props) {
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
        : kind === 'torque'
          ? `${torqueFigure(live.nm ?? 0, torque)} ${torque}`
          : `${live.bar ?? 0} bar`;
  return (
    <View className="flex-row items-center gap-3 border-t border-rule px-3.5 py-1.5">
      <View className="flex-1">
        {hand.standing === null ? (
          <Small>{w.ifShown[kind]}</Small>
        ) : hand.standing !== 'connected' ? (
          <Mark kind="waiting" word={w.wrenchLost} />
        ) : shown === null ? (
          <View testID="live">
            <Mark kind="now" word={w.wrenchReady(hand.name)} />
          </View>
        ) : (
          <Text
            className="font-head text-[34px] leading-[38px] text-green"
            style={{ fontVariant: ['tabular-nums'] }}
            testID="live"
          >
            {shown}
          </Text>
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
          fault={fault}
          testID="reached"
        />
      </View>
    </View>
  );
}
