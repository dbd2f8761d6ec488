import { useState } from 'react';
import { View } from 'react-native';
import type { LoggedAct } from '@cardinex/core/job/act';
import { actLine } from '@cardinex/words/en/acts';
import { refusalSentence } from '@cardinex/words/en/refusals';
import { recordWords as w, shared } from '@cardinex/words/en/screens';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Slip } from '../../ui/Slip';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Striking an act from the record: it stays readable, with who struck it and why. */
export function StrikeSlip({ act, onClose }: { act: LoggedAct; onClose: () => void }) {
  const { sheet, record } = useJob();
  const units = useUnits();
  const [words, setWords] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  const line = actLine(act, sheet, units);
  const strike = useOnce(async () => {
    if (words.trim() === '') return setFault(refusalSentence({ code: 'words-needed' }));
    const problem = await record('struck', { target: act.id, words: words.trim() });
    if (problem === null) onClose();
    else setFault(problem);
  });
  return (
    <Slip title={w.strikeTitle} onClose={onClose}>
      <Body className="font-strong">
        {line.what} {line.value ?? ''}
      </Body>
      <Body>{w.strikeHint}</Body>
      <Field
        label={w.strikeTitle}
        value={words}
        onChangeText={setWords}
        onSubmitEditing={strike}
        fault={fault}
      />
      <View className="flex-row gap-3">
        <Button label={shared.back} tall onPress={onClose} className="flex-1" />
        <Button label={w.strike} kind="stop" tall onPress={strike} className="flex-[2]" />
      </View>
    </Slip>
  );
}
