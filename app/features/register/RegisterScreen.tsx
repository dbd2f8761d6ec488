import { useShopTime } from '../../session/useShopTime';
import type { TemporaryPart } from '@cardinex/core/job/facts/register';
import { useState } from 'react';
import { View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { temporaryPartName, temporaryPartsIn } from '@cardinex/core/job/register';
import { barsSentence, registerWords as w } from '@cardinex/words/register';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { HeldNotice } from '../checks/HeldNotice';
import { useHolds } from '../checks/useHolds';
import { AttitudeNow } from '../attitude/AttitudeNow';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { HandsIn } from './HandsIn';
import { PutIn } from './PutIn';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'temporary-part.put-in',
  'temporary-part.taken-out',
  'hands.in',
  'hands.out',
  'engine.turned-over',
]);

/** What is in the engine and must come out again, and what it bars meanwhile. */
export function RegisterScreen() {
  const { state } = useJob();
  const held = useHolds(true);
  const [putting, setPutting] = useState(false);
  const inside = temporaryPartsIn(state.register);
  const out = state.register.filter((part) => part.takenOut);
  return (
    <CardFrame
      card="register"
      title={w.title}
      aside={inside.length > 0 ? w.count(inside.length) : ''}
      back={<BackOfCard says={w.back} acts={OWN_ACTS} />}
      actBar={<Button label={w.put} kind="expected" tall onPress={() => setPutting(true)} />}
      slip={putting ? <PutIn onClose={() => setPutting(false)} /> : null}
    >
      {held ? <HeldNotice by={held} /> : null}
      <HandsIn />
      <AttitudeNow />
      <View className="gap-3 p-3.5">
        {inside.length === 0 ? <Mark kind="within" word={w.none} /> : null}
        {inside.map((temporaryPart) => (
          <Inside key={temporaryPart.id} part={temporaryPart} />
        ))}
        {out.length > 0 ? <Heading level={3}>{w.out}</Heading> : null}
        {out.map((part) => (
          <Gone key={part.id} part={part} />
        ))}
      </View>
    </CardFrame>
  );
}

function Inside({ part }: { part: TemporaryPart }) {
  const { moment } = useShopTime();
  const { record } = useJob();
  const nameOf = useMemberName();
  const take = useOnce(() => record('temporary-part.taken-out', { part: part.id }));
  return (
    <View
      className="flex-row items-center gap-3 border-b border-rule pb-3"
      testID="temporary-part-in"
    >
      <View className="flex-1 gap-0.5">
        <Body className="font-strong">{temporaryPartName(part)}</Body>
        <Small>{barsSentence(part.bars)}</Small>
        <Small>{w.inSince(moment(part.putIn.at), nameOf(part.putIn.by))}</Small>
      </View>
      <Button label={w.takeOut} name={`${part.what}: ${w.takeOut}`} onPress={take} />
    </View>
  );
}

function Gone({ part }: { part: TemporaryPart }) {
  const { moment } = useShopTime();
  const nameOf = useMemberName();
  const { takenOut } = part;
  const when = takenOut ? moment(takenOut.at) : '';
  return (
    <Small>{`${temporaryPartName(part)}: ${w.outSince(when, nameOf(takenOut?.by ?? ''))}`}</Small>
  );
}
