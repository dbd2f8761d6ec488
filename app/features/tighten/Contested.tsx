import { useShopTime } from '../../session/useShopTime';
import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import { useState } from 'react';
import { View } from 'react-native';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { refusalSentence } from '@cardinex/words/refusals';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { useRefusal } from '../../ui/Refusal';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { ProveAgain } from '../job/ProveAgain';
import { useOnce } from '../job/useOnce';
import { HeadMap } from './HeadMap';
import { TightenBack } from './TightenBack';

interface Props {
  readonly view: RunView;
  readonly bolt: BoltView;
  readonly number: string;
}

const needsProof = refusalSentence({ code: 'needs-fresh-proof' });

/** One bolt pulled by two people who could not see each other: kept, shown, and decided by someone. */
export function Contested({ view, bolt, number }: Props) {
  const { timeToSecond } = useShopTime();
  const { sheet, record } = useJob();
  const nameOf = useMemberName();
  const [words, setWords] = useState('');
  const [wordless, setWordless] = useState(false);
  const refusal = useRefusal();
  const decide = useOnce(async () => {
    if (words.trim() === '') {
      setWordless(true);
      return refusal.say(refusalSentence({ code: 'words-needed' }));
    }
    await record('contest.decided', { key: bolt.act.key, words: words.trim() });
  });
  return (
    <CardFrame
      card="tighten"
      title={w.contestedTitle(number)}
      back={<TightenBack view={view} />}
      actBar={<Button label={w.contestKeep} kind="expected" tall onPress={decide} />}
    >
      <View className="gap-3 p-3.5">
        <Mark kind="out" word={w.bandWord.contested} />
        <Body>{w.contestedWhy}</Body>
        {bolt.attempts.map((attempt) => (
          <View key={attempt.actId} className="flex-row justify-between">
            <Body>{nameOf(attempt.by)}</Body>
            <Small>{timeToSecond(attempt.at)}</Small>
          </View>
        ))}
        <EndMark end={sheet.cylinder1End} />
        <HeadMap
          set={view.set}
          bolts={(view.current?.bolts ?? []).map((b) => ({ id: b.act.fastener, status: b.status }))}
          currentId={null}
          nextId={null}
          label={w.contestedTitle(number)}
        />
        <Field
          label={w.contestDecide}
          value={words}
          onChangeText={(text) => {
            setWords(text);
            setWordless(false);
            refusal.clear();
          }}
          onSubmitEditing={decide}
          faulty={wordless}
        />
        {refusal.text === needsProof ? <ProveAgain onProved={refusal.clear} /> : null}
      </View>
    </CardFrame>
  );
}
