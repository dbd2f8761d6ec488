import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { ActType } from '@cardinex/core/job/act';
import { STOP, topFinding, topView } from '@cardinex/core/job/top';
import { topSentence, topWords as w } from '@cardinex/words/cards/top';
import { valvesScreen } from '@cardinex/words/cards/valves';
import { useUnits } from '../../device/preferences';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { useRefusal } from '../../ui/Refusal';
import { Body } from '../../ui/Words';
import { HeldNotice } from '../checks/HeldNotice';
import { useHolds } from '../checks/useHolds';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { ToTrayButton } from '../job/ToTrayButton';
import { useUndo } from '../job/useUndo';
import { BarringCaution } from '../valves/barring/BarringCaution';
import { NOTHING_TYPED, ReadStops, stopsRead, stopsWanted } from './ReadStops';
import { StopsDrawing } from './StopsDrawing';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'top.found',
  'crank.marked',
  'temporary-part.put-in',
  'temporary-part.taken-out',
]);

/** Top dead centre of cylinder 1 by a stop from both sides; a mark made where there was none. */
export function TopScreen() {
  const { state } = useJob();
  const back = <BackOfCard says={w.back2} acts={OWN_ACTS} />;
  return state.cautions.barring ? <Steps /> : <BarringCaution card="top" back={back} />;
}

function Steps() {
  const { sheet, state, record } = useJob();
  const units = useUnits();
  const { undo } = useUndo(OWN_ACTS);
  const refusal = useRefusal();
  const [stops, setStops] = useState(NOTHING_TYPED);
  const [made, setMade] = useState('');
  const [tried, setTried] = useState(false);
  const [again, setAgain] = useState(false);
  const { step, stop, found } = topView(state, again);
  const heldHere = useHolds(step === 'read');
  const read = async (): Promise<void> => {
    const data = stopsRead(stops);
    setTried(data === null);
    if (!data) return refusal.say(stopsWanted(stops));
    if ((await record('top.found', data)) === null) setAgain(false);
  };
  const mark = async (): Promise<void> => {
    const words = made.trim();
    setTried(words === '');
    if (words === '') return refusal.say(w.needMark);
    await record('crank.marked', { words });
  };
  const confirm = useOnce(async () => {
    switch (step) {
      case 'in':
        return record('temporary-part.put-in', { part: uuidv7(), ...STOP });
      case 'read':
        return read();
      case 'mark':
        return mark();
      case 'out':
        return stop && record('temporary-part.taken-out', { part: stop.id });
      case 'done':
        return router.back();
    }
  });
  const result = found ? topFinding(sheet, found) : null;
  return (
    <CardFrame
      card="top"
      title={w.title}
      back={<BackOfCard says={w.back2} acts={OWN_ACTS} />}
      acts={
        step === 'done' || heldHere
          ? null
          : {
              undo,
              ...(step === 'mark' && {
                notSo: { label: w.again, onPress: () => setAgain(true) },
              }),
              confirm: {
                label: step === 'read' ? w.keeps[stops.way] : w.steps[step],
                onPress: confirm,
              },
            }
      }
      actBar={<ToTrayButton done={step === 'done'} />}
    >
      {heldHere ? <HeldNotice by={heldHere} /> : null}
      <View className="gap-2.5 p-3.5">
        {step === 'in' ? <PutItIn /> : null}
        {step === 'read' ? (
          <>
            <ReadStops
              typed={stops}
              tried={tried}
              onChange={(typed) => {
                setStops(typed);
                refusal.clear();
              }}
            />
          </>
        ) : null}
        {result && found ? (
          <View className="gap-2" testID="top">
            {result.by === 'wheel' && 'stopForwardDeg' in found ? (
              <View className="items-center">
                <StopsDrawing
                  stops={[found.stopForwardDeg, found.stopBackDeg]}
                  topDeg={result.tdcDeg}
                />
              </View>
            ) : null}
            <Act text={topSentence(result, units)} />
            <Body>{w.twice}</Body>
          </View>
        ) : null}
        {step === 'mark' ? (
          <>
            <Body>{w.markSays}</Body>
            <Field
              label={w.markLabel}
              hint={w.markHint}
              value={made}
              onChangeText={(words) => {
                setMade(words);
                refusal.clear();
              }}
              onSubmitEditing={confirm}
              faulty={tried && made.trim() === ''}
            />
          </>
        ) : null}
        {state.top.mark && found ? <Mark kind="within" word={state.top.mark.words} /> : null}
        {step === 'out' ? <Body className="font-strong">{w.stopOutSays}</Body> : null}
        {step === 'done' ? <Mark kind="within" word={w.done} /> : null}
      </View>
    </CardFrame>
  );
}

function PutItIn() {
  return (
    <>
      <Act text={w.stopIn} />
      {w.stopInSays.map((line) => (
        <Body key={line}>{line}</Body>
      ))}
      <Body className="font-strong">{valvesScreen.barCaution}</Body>
    </>
  );
}

function Act({ text }: { text: string }) {
  return (
    <Text className="font-head text-big text-ink" testID="act">
      {text}
    </Text>
  );
}
