import type { Cause } from '@cardinex/core/job/facts/cause';
import { useState } from 'react';
import { View } from 'react-native';
import { actsOf } from '@cardinex/core/job/actsOf';
import { causesBehind, needsWords } from '@cardinex/core/job/cause';
import { causeEvidence } from '@cardinex/core/job/causeEvidence';
import { causeName, causeWords as w, evidenceSentence } from '@cardinex/words/cards/cause';
import { symptomName } from '@cardinex/words/scope';
import { withinSentence } from '@cardinex/words/sentence';
import { trayReasonSentence } from '@cardinex/words/tray';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { Remarks } from '../remarks/Remarks';
import { ago } from '../board/ago';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { isSeenToElsewhere, SeeTo } from '../job/SeeTo';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';

const OWN_ACTS = actsOf('cause');

/** Why the engine failed: asked before the job closes, answered on the day it is known. */
export function CauseCard() {
  const { sheet, state, tray, record } = useJob();
  const nameOf = useMemberName();
  const { opened, cause } = state;
  // Why it came is not why it failed: that is chosen, not taken over by one press.
  const [chosen, setChosen] = useState<Cause | null>(cause?.cause ?? null);
  const [mended, setMended] = useState('');
  const evidence = causeEvidence(sheet, state);
  // What something here speaks for stands first.
  const causes = [
    ...new Set([...evidence.map((found) => found.cause), ...causesBehind(opened?.because)]),
  ];
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const { frame } = useCard({ card: 'cause', acts: OWN_ACTS, says: w.back, done: cause !== null });
  const save = useOnce(async () => {
    setTried(true);
    const text = words.trim();
    if (chosen === null || (text === '' && needsWords(chosen))) return;
    const done = mended.trim();
    const answer = {
      cause: chosen,
      ...(text !== '' && { words: text }),
      ...(done !== '' && { mended: done }),
    };
    if ((await record('cause.answered', answer)) !== null) return;
    setWords('');
    setMended('');
    setTried(false);
  });
  // Something is still in the engine, or the crib says something else.
  const entry = tray.find(({ card }) => card === 'cause');
  const waits =
    entry?.status === 'waiting' && entry.reason.code !== 'cause-last' ? entry.reason : null;
  // Answered, and nothing said since: the card leads on.
  const isNew =
    chosen !== (cause?.cause ?? null) || `${words}${mended}`.trim() !== '' || cause === null;
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
            {[opened?.because && symptomName(opened.because), opened?.why]
              .filter(Boolean)
              .join('. ')}
          </Body>
        </View>
        {cause ? (
          <View className="gap-1 border-t border-rule pt-3" testID="answer">
            <Mark kind="within" word={w.answered} />
            <Body>
              {[causeName(cause.cause), cause.words, cause.mended].filter(Boolean).join('. ')}
            </Body>
            <Small>{nameOf(cause.by)}</Small>
          </View>
        ) : null}
        <Remarks />
        {evidence.length === 0 ? null : (
          <View className="gap-1 border-t border-rule pt-3" testID="evidence">
            <Heading level={3}>{w.found}</Heading>
            {evidence.map((found) => {
              const said = evidenceSentence(sheet, found);
              return <Body key={said}>{`${causeName(found.cause)}: ${withinSentence(said)}`}</Body>;
            })}
            <Small>{w.foundSays}</Small>
          </View>
        )}
        <Choice
          label={w.answer}
          value={chosen}
          options={causes.map((value) => ({
            value,
            label: causeName(value),
          }))}
          onChange={setChosen}
        />
        {tried && chosen === null ? <Mark kind="out" word={w.needBecause} /> : null}
        <Field
          label={w.words}
          hint={w.wordsHint}
          value={words}
          onChangeText={setWords}
          multiline
          numberOfLines={3}
          fault={
            tried && words.trim() === '' && chosen && needsWords(chosen) ? w.needWords : undefined
          }
        />
        <Field
          label={w.mended}
          hint={w.mendedHint}
          value={mended}
          onChangeText={setMended}
          multiline
          numberOfLines={2}
        />
      </View>
    </CardFrame>
  );
}
