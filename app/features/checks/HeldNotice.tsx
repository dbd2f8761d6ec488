import { HELD_BY, type CrankHold } from '@cardinex/core/job/facts/crank';
import { View } from 'react-native';
import { crankHoldSentence, registerWords as w } from '@cardinex/words/register';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { ClampLiners } from '../strip/ClampLiners';
import { HoldMeanwhile } from '../strip/HoldMeanwhile';

/** Why the crank must not be turned for what this card asks: every reason, and the way to put right what can be. */
export function HeldNotice({ by }: { by: readonly CrankHold[] }) {
  const has = (code: CrankHold['code']): boolean => by.some((hold) => hold.code === code);
  const others = by.filter(({ code }) => code !== 'liners-loose');
  return (
    <View role="alert">
      {others.length > 0 ? (
        <View className="gap-1 bg-tab px-3.5 py-2.5">
          <Mark kind="out" word={w.mustNotTurn} />
          {others.map((hold) => (
            <Body key={`${hold.code}${hold.what ?? ''}`}>{crankHoldSentence(hold)}</Body>
          ))}
        </View>
      ) : null}
      {by.some(({ code }) => code in HELD_BY) ? (
        <View className="gap-3 p-3.5">
          {has('liners-loose') ? <ClampLiners /> : null}
          {(['through-bolts-slack', 'piston-hangs'] as const).map((code) =>
            has(code) ? <HoldMeanwhile key={code} by={HELD_BY[code]} /> : null,
          )}
        </View>
      ) : null}
    </View>
  );
}
