import { View } from 'react-native';
import { assemblyOf } from '@cardinex/core/sheet/assembly/assemblyOf';
import { STANDS_HOW } from '@cardinex/core/sheet/spec/assembly';
import { attitudeWords as w } from '@cardinex/words/attitude';
import { useMemberName } from '../../session/SessionProvider';
import { useShopTime } from '../../session/useShopTime';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { TurnOverButton } from './TurnOverButton';

/** How the engine stands now, and the way to turn it over; nothing for one that no piece asks to be turned. */
export function AttitudeNow() {
  const { sheet, state } = useJob();
  const { moment } = useShopTime();
  const nameOf = useMemberName();
  const { stands, turned } = state.attitude;
  const asked = new Set(assemblyOf(sheet.whole).pieces.map(({ attitude }) => attitude));
  const others = STANDS_HOW.filter(
    (way) => way !== stands && (way === 'upright' || asked.has(way)),
  );
  if (others.length === 0) return null;
  return (
    <View className="gap-3 border-b border-rule p-3.5" testID="attitude">
      <Heading level={3}>{w.title}</Heading>
      <View className="gap-0.5">
        <Body className="font-strong">{w.stands(stands)}</Body>
        <Small>{turned ? w.since(moment(turned.at), nameOf(turned.by)) : w.asItCame}</Small>
      </View>
      {others.map((way) => (
        <TurnOverButton key={way} to={way} />
      ))}
    </View>
  );
}
