import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { ActType } from '@cardinex/core/job/act';
import { crankHeldBy } from '@cardinex/core/job/crankHeld';
import { STOP, stopIn, topFinding } from '@cardinex/core/job/top';
import { readDecimal } from '@cardinex/core/quantity/readDecimal';
import { topSentence, topWords as w } from '@cardinex/words/en/cards/top';
import { valvesScreen } from '@cardinex/words/en/cards/valves';
import { trayWords } from '@cardinex/words/en/screens';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { useActKeys } from '../../ui/useActKeys';
import { Body } from '../../ui/Words';
import { HeldNotice } from '../checks/HeldNotice';
import { ActBar } from '../job/ActBar';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { useUndo } from '../job/useUndo';
import { BarringCaution } from '../valves/BarringCaution';
import { StopsDrawing } from './StopsDrawing';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'top.found',
  'crank.marked',
  'thing.put-in',
  'thing.taken-out',
]);

type Way = 'wheel' | 'rim';

/** Top dead centre of cylinder 1 by a stop from both sides; a mark made where there was none. */
export function TopScreen() {
  const { state } = useJob();
  const back = <BackOfCard says={w.back2} acts={OWN_ACTS} />;
  return state.cautions.barring ? <Steps /> : <BarringCaution card="top" back={back} />;
}

function Steps() {
  const { jobId, sheet, state, record } = useJob();
  const units = useUnits();
  const { last, undo } = useUndo(OWN_ACTS);
  const [way, setWay] = useState<Way>('wheel');
  const [typed, setTyped] = useState({ forward: '', back: '', arc: '', mark: '' });
  const [tried, setTried] = useState(false);
  const [again, setAgain] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const stop = stopIn(state);
  const { found, mark } = state.top;
  // What was found before this stop went in is another day's.
  const fresh = found && (!stop || found.seq > stop.putIn.seq) && !again ? found : null;
  const [held] = crankHeldBy(sheet, state);
  const type = (field: keyof typeof typed) => (text: string) => {
    setTyped({ ...typed, [field]: text });
    setProblem(null);
  };
  const degreesOf = (text: string): number | null => {
    const value = readDecimal(text);
    return value !== null && value >= 0 && value <= 360 ? value : null;
  };
  const step = !stop && !fresh ? 'in' : !fresh ? 'read' : !mark ? 'mark' : stop ? 'out' : 'done';
  const read = async (): Promise<void> => {
    setTried(true);
    const forward = degreesOf(typed.forward);
    const backward = degreesOf(typed.back);
    const arcMm = readDecimal(typed.arc);
    const data =
      way === 'wheel'
        ? forward !== null &&
          backward !== null && { stopForwardDeg: forward, stopBackDeg: backward }
        : arcMm !== null && arcMm > 0 && { arcMm };
    if (!data) return;
    const refused = await record('top.found', data);
    setProblem(refused);
    if (refused === null) {
      setAgain(false);
      setTried(false);
    }
  };
  const confirm = useOnce(async () => {
    switch (step) {
      case 'in':
        return record('thing.put-in', { thing: uuidv7(), ...STOP });
      case 'read':
        return read();
      case 'mark':
        setTried(true);
        return typed.mark.trim() === ''
          ? null
          : record('crank.marked', { words: typed.mark.trim() });
      case 'out':
        return stop && record('thing.taken-out', { thing: stop.id });
      case 'done':
        return router.back();
    }
  });
  useActKeys({
    confirm: held && step === 'read' ? undefined : confirm,
    undo: last ? undo : undefined,
  });
  const labels = {
    in: w.stopIsIn,
    read: way === 'wheel' ? w.keep : w.keepArc,
    mark: w.marked,
    out: w.stopOut,
    done: trayWords.toTray,
  };
  const result = fresh ? topFinding(sheet, fresh) : null;
  return (
    <CardFrame
      card="top"
      title={w.title}
      back={<BackOfCard says={w.back2} acts={OWN_ACTS} />}
      actBar={
        step === 'done' || (held && step === 'read') ? (
          <Button
            label={trayWords.toTray}
            kind={step === 'done' ? 'expected' : 'bench'}
            tall
            onPress={() => router.replace(`/jobs/${jobId}`)}
          />
        ) : (
          <ActBar
            undo={last ? { what: '', onPress: undo } : null}
            {...(step === 'mark' && {
              notSo: { label: w.again, onPress: () => setAgain(true) },
            })}
            confirm={{ label: labels[step], onPress: confirm }}
          />
        )
      }
    >
      {held && step === 'read' ? <HeldNotice by={held} /> : null}
      <View className="gap-2.5 p-3.5">
        {step === 'in' ? (
          <>
            <Act text={w.stopIn} />
            {w.stopInSays.map((line) => (
              <Body key={line}>{line}</Body>
            ))}
            <Body className="font-strong">{valvesScreen.barCaution}</Body>
          </>
        ) : null}
        {step === 'read' ? (
          <>
            <Choice<Way>
              label={w.by}
              value={way}
              options={[
                { value: 'wheel', label: w.wheel },
                { value: 'rim', label: w.rim },
              ]}
              onChange={setWay}
            />
            <Body>{way === 'wheel' ? w.wheelSays : w.rimSays}</Body>
            {way === 'wheel' ? (
              <>
                <Field
                  label={w.forward}
                  value={typed.forward}
                  onChangeText={type('forward')}
                  inputMode="decimal"
                  fault={tried && degreesOf(typed.forward) === null ? w.notDegrees : undefined}
                />
                <Field
                  label={w.back}
                  value={typed.back}
                  onChangeText={type('back')}
                  inputMode="decimal"
                  fault={tried && degreesOf(typed.back) === null ? w.notDegrees : undefined}
                />
              </>
            ) : (
              <Field
                label={w.arc}
                value={typed.arc}
                onChangeText={type('arc')}
                inputMode="decimal"
                fault={tried && !(readDecimal(typed.arc) ?? 0) ? w.notMm : undefined}
              />
            )}
            {problem ? <Mark kind="out" word={problem} /> : null}
          </>
        ) : null}
        {result && fresh ? (
          <View className="gap-2" testID="top">
            {result.by === 'wheel' && 'stopForwardDeg' in fresh ? (
              <View className="items-center">
                <StopsDrawing
                  stops={[fresh.stopForwardDeg, fresh.stopBackDeg]}
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
              value={typed.mark}
              onChangeText={type('mark')}
              onSubmitEditing={confirm}
              fault={tried && typed.mark.trim() === '' ? w.needMark : undefined}
            />
          </>
        ) : null}
        {mark && fresh ? <Mark kind="within" word={mark.words} /> : null}
        {step === 'out' ? <Body className="font-strong">{w.stopOutSays}</Body> : null}
        {step === 'done' ? <Mark kind="within" word={w.done} /> : null}
      </View>
    </CardFrame>
  );
}

function Act({ text }: { text: string }) {
  return (
    <Text className="font-head text-[26px] leading-8 text-ink" testID="act">
      {text}
    </Text>
  );
}
