import { View } from 'react-native';
import type { HandsIn as Hands } from '@cardinex/core/job/facts/hands';
import { handsWords as w } from '@cardinex/words/register';
import { useMemberName } from '../../session/SessionProvider';
import { useShopTime } from '../../session/useShopTime';
import { Button } from '../../ui/Button';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { ReasonButton } from '../job/ReasonButton';

/** Whose hands are in, as far as anybody has said: while one's are, the crank is not turned. */
export function HandsIn() {
  const { state, record } = useJob();
  return (
    <View className="gap-3 border-b border-rule p-3.5">
      <Heading level={3}>{w.title}</Heading>
      {state.hands.map((hands) => (
        <One key={hands.by} hands={hands} />
      ))}
      <Small>{w.notAll}</Small>
      <ReasonButton
        button={w.mine}
        title={w.mine}
        label={w.where}
        hint={w.whereHint}
        need={w.needWhere}
        confirm={w.areIn}
        onWords={(where) => record('hands.in', { where })}
      />
    </View>
  );
}

function One({ hands }: { readonly hands: Hands }) {
  const { record } = useJob();
  const { moment } = useShopTime();
  const nameOf = useMemberName();
  const name = nameOf(hands.by);
  const out = useOnce(() => record('hands.out', { whose: hands.by }));
  return (
    <View className="flex-row items-center gap-3" testID="hands-in">
      <View className="flex-1 gap-0.5">
        <Body className="font-strong">{`${name}: ${hands.where}`}</Body>
        <Small>{w.since(moment(hands.at))}</Small>
      </View>
      <Button label={w.out} name={w.outOf(name)} onPress={out} />
    </View>
  );
}
