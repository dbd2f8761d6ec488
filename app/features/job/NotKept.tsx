import { useState } from 'react';
import { View } from 'react-native';
import { actLine } from '@cardinex/words/acts';
import { refusalSentence, refusedSentence } from '@cardinex/words/refusals';
import { storageWords as w } from '@cardinex/words/storage';
import type { LoggedAct } from '@cardinex/core/job/act';
import type { JobSheet } from '@cardinex/core/job/scope';
import { useUnits } from '../../device/preferences';
import type { JobLedger, Unkept } from '../../ledger/jobLedger';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { useRefusal } from '../../ui/Refusal';
import { Slip } from '../../ui/Slip';
import { Body } from '../../ui/Words';
import { saveKeptActs } from '../device/saveKeptActs';
import { useOnce } from './useOnce';
import { BarRow } from '../../ui/BarRow';

interface Props {
  readonly ledger: JobLedger;
  readonly sheet: JobSheet;
  readonly unkept: Unkept;
  /** It is kept, sent or put aside; or, tried again, still not. */
  readonly onDone: (still: Unkept | null) => void;
}

/**
 * What this device could not write down, in large words, over everything: nothing else is done until it
 * is written, sent, downloaded or said not to have been done.
 */
export function NotKept({ ledger, sheet, unkept, onDone }: Props) {
  const units = useUnits();
  const refusal = useRefusal();
  const [downloaded, setDownloaded] = useState(false);
  const { acts, actor, at, trouble } = unkept;
  const again = useOnce(async () => {
    const recorded = await ledger.recordAll(acts, actor, at);
    if (recorded.ok) return onDone(null);
    if ('unkept' in recorded) {
      refusal.say(w.says[recorded.unkept.trouble]);
      return onDone(recorded.unkept);
    }
    refusal.say(refusalSentence(recorded.refusal, units));
  });
  const send = useOnce(async () => {
    try {
      const sent = await ledger.sendStraight(unkept);
      if (sent.ok) onDone(null);
      else
        refusal.say(
          'problem' in sent
            ? refusedSentence(sent.problem, units)
            : refusalSentence(sent.refusal, units),
        );
    } catch {
      refusal.say(w.noAnswer);
    }
  });
  const download = (): void => {
    saveKeptActs(
      ledger.unkeptActs(unkept).map((act, place) => ({ place, jobId: ledger.jobId, act })),
    );
    setDownloaded(true);
  };
  return (
    <Slip
      title={w.title}
      // Escape is no answer to this.
      onClose={() => undefined}
      foot={
        <BarRow>
          <Button label={w.again} tall onPress={again} className="flex-1" />
          <Button
            label={w.send}
            kind="expected"
            tall
            onPress={send}
            className="min-w-[8rem] flex-[2]"
          />
        </BarRow>
      }
    >
      <View testID="not-kept" className="gap-3">
        <Mark kind="out" size={30} />
        <Body className="font-strong text-title">{w.says[trouble]}</Body>
        <Body>{w.what(acts.length)}</Body>
        {acts.map((act, place) => {
          const line = actLine(act as unknown as LoggedAct, sheet, units);
          return (
            <Body key={place} className="font-strong">
              {[line.what, line.value].filter(Boolean).join(', ')}
            </Body>
          );
        })}
        <Button label={w.download} onPress={download} />
        {downloaded ? (
          <>
            <Body>{w.downloaded}</Body>
            <Button label={w.putAside} hint={w.putAsideHint} onPress={() => onDone(null)} />
          </>
        ) : null}
        <Button label={w.notDone} kind="stop" onPress={() => onDone(null)} />
      </View>
    </Slip>
  );
}
