import type { CrankHold } from '@cardinex/core/job/facts/crank';
import { View } from 'react-native';
import { crankHoldSentence, registerWords as w } from '@cardinex/words/register';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { ClampCase } from '../strip/ClampCase';
import { ClampLiners } from '../strip/ClampLiners';

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
      {has('liners-loose') || has('through-bolts-slack') ? (
        <View className="gap-3 p-3.5">
          {has('liners-loose') ? <ClampLiners /> : null}
          {has('through-bolts-slack') ? <ClampCase /> : null}
        </View>
      ) : null}
    </View>
  );
}
