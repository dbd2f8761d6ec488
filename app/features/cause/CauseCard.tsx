import { CAUSES, type Because } from '@cardinex/core/job/facts/cause';
import { useState } from 'react';
import { View } from 'react-native';
import { actsOf } from '@cardinex/core/job/actsOf';
import { needsWords } from '@cardinex/core/job/cause';
import { causeWords as w } from '@cardinex/words/cards/cause';
import { causeName } from '@cardinex/words/scope';
import { trayReasonSentence } from '@cardinex/words/tray';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { isSeenToElsewhere, SeeTo } from '../job/SeeTo';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';

const OWN_ACTS = actsOf('cause');

/** Why the engine failed: asked before the job closes, answered on the day it is known. */
export function CauseCard() {
  const { state, tray, record } = useJob();
  const nameOf = useMemberName();
  const { opened, cause } = state;
  // Why it came is not yet why it failed: that is chosen, not taken over by one press.
  const [because, setBecause] = useState<Because | null>(cause?.because ?? null);
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const { frame } = useCard({ card: 'cause', acts: OWN_ACTS, says: w.back, done: cause !== null });
  const save = useOnce(async () => {
    setTried(true);
    const text = words.trim();
    if (because === null || (text === '' && needsWords(because))) return;
    const answer = { because, ...(text !== '' && { words: text }) };
    if ((await record('cause.answered', answer)) !== null) return;
    setWords('');
    setTried(false);
  });
  // Something is still in the engine, or the crib says something else.
  const entry = tray.find(({ card }) => card === 'cause');
  const waits =
    entry?.status === 'waiting' && entry.reason.code !== 'cause-last' ? entry.reason : null;
  // Answered, and nothing said since: the card leads on.
  const isNew = because !== (cause?.because ?? null) || words.trim() !== '' || cause === null;
  return (
    <CardFrame
      {...frame}
      actBar={
        isNew ? (
          <Button label={w.keep} kind="expected" tall onPress={save} />
        ) : waits && isSeenToElsewhere(waits) ? (
          <SeeTo reason={waits} />
        ) : (
          frame.actBar
        )
      }
    >
      {waits ? (
        <View className="px-3.5 pt-3" role="alert">
          <Mark kind="waiting" word={trayReasonSentence(waits, ago)} />
        </View>
      ) : null}
      <View className="gap-4 p-3.5">
        <View>
          <Small>{w.asked}</Small>
          <Body>
            {[opened?.because && causeName(opened.because), opened?.why].filter(Boolean).join('. ')}
          </Body>
        </View>
        {cause ? (
          <View className="gap-1 border-t border-rule pt-3" testID="answer">
            <Mark kind="within" word={w.answered} />
            <Body>{[causeName(cause.because), cause.words].filter(Boolean).join('. ')}</Body>
            <Small>{nameOf(cause.by)}</Small>
          </View>
        ) : null}
        <Choice
          label={w.answer}
          value={because}
          options={CAUSES.map((value) => ({ value, label: causeName(value) }))}
          onChange={setBecause}
        />
        {tried && because === null ? <Mark kind="out" word={w.needBecause} /> : null}
        <Field
          label={w.words}
          hint={w.wordsHint}
          value={words}
          onChangeText={setWords}
          multiline
          numberOfLines={3}
          fault={
            tried && words.trim() === '' && because && needsWords(because) ? w.needWords : undefined
          }
        />
      </View>
    </CardFrame>
  );
}
