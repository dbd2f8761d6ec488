import { Pressable, View } from 'react-native';
import { lockNutWords as w } from '@cardinex/words/cards/lockNut';
import { torque } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { Mark } from '../../../ui/Mark';
import { Body, Small } from '../../../ui/Words';
import type { LockNut } from './useLockNut';

/** What the lock nut gets, and what the wrench in hand is set to for it; a tap takes another. */
export function LockNutRow({ nut }: { nut: LockNut }) {
  const units = useUnits();
  const { nm, says, pulled, wrench, against, choose } = nut;
  if (nm === null)
    return <Body className="border-t border-rule px-3.5 py-2">{w.notPrinted(says)}</Body>;
  return (
    <View className="border-t border-rule px-3.5 py-1" testID="lock-nut">
      <Pressable
        role="button"
        onPress={() => choose(true)}
        className="min-h-[56px] justify-center active:opacity-70"
      >
        <Body className="font-strong">{w.nut(torque(nm, units))}</Body>
        <Small className="underline">
          {pulled
            ? w.setTo(pulled.name, pulled.setNm, pulled.adapter !== undefined, units)
            : (wrench ?? w.byHand)}
        </Small>
      </Pressable>
      {against === null ? null : <Mark kind="out" word={w.against[against]} />}
    </View>
  );
}
