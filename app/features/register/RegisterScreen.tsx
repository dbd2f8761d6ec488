import { useShopTime } from '../../session/useShopTime';
import type { Thing } from '@cardinex/core/job/facts/register';
import { useState } from 'react';
import { View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { crankHeldBy } from '@cardinex/core/job/crankHeld';
import { thingName, thingsIn } from '@cardinex/core/job/register';
import { barsSentence, crankHoldSentence, registerWords as w } from '@cardinex/words/register';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { PutIn } from './PutIn';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>(['thing.put-in', 'thing.taken-out']);

/** What is in the engine and must come out again, and what it bars meanwhile. */
export function RegisterScreen() {
  const { sheet, state } = useJob();
  const [putting, setPutting] = useState(false);
  const inside = thingsIn(state.register);
  const out = state.register.filter((thing) => thing.takenOut);
  return (
    <CardFrame
      card="register"
      title={w.title}
      aside={inside.length > 0 ? w.count(inside.length) : ''}
      back={<BackOfCard says={w.back} acts={OWN_ACTS} />}
      actBar={<Button label={w.put} kind="expected" tall onPress={() => setPutting(true)} />}
      slip={putting ? <PutIn onClose={() => setPutting(false)} /> : null}
    >
      {crankHeldBy(sheet, state).map((hold) => (
        <View
          key={`${hold.code}${hold.what ?? ''}`}
          className="flex-row gap-2 bg-tab px-3.5 py-2.5"
        >
          <Mark kind="out" />
          <Body className="flex-1">{crankHoldSentence(hold)}</Body>
        </View>
      ))}
      <View className="gap-3 p-3.5">
        {inside.length === 0 ? <Mark kind="within" word={w.none} /> : null}
        {inside.map((thing) => (
          <Inside key={thing.id} thing={thing} />
        ))}
        {out.length > 0 ? <Heading level={3}>{w.out}</Heading> : null}
        {out.map((thing) => (
          <Gone key={thing.id} thing={thing} />
        ))}
      </View>
    </CardFrame>
  );
}

function Inside({ thing }: { thing: Thing }) {
  const { moment } = useShopTime();
  const { record } = useJob();
  const nameOf = useMemberName();
  const take = useOnce(() => record('thing.taken-out', { thing: thing.id }));
  return (
    <View className="flex-row items-center gap-3 border-b border-rule pb-3" testID="thing-in">
      <View className="flex-1 gap-0.5">
        <Body className="font-strong">{thingName(thing)}</Body>
        <Small>{barsSentence(thing.bars)}</Small>
        <Small>{w.inSince(moment(thing.putIn.at), nameOf(thing.putIn.by))}</Small>
      </View>
      <Button label={w.takeOut} name={`${thing.what}: ${w.takeOut}`} onPress={take} />
    </View>
  );
}

function Gone({ thing }: { thing: Thing }) {
  const { moment } = useShopTime();
  const nameOf = useMemberName();
  const { takenOut } = thing;
  const when = takenOut ? moment(takenOut.at) : '';
  return <Small>{`${thingName(thing)}: ${w.outSince(when, nameOf(takenOut?.by ?? ''))}`}</Small>;
}
