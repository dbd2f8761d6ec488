import { useState } from 'react';
import { View } from 'react-native';
import { refusalSentence } from '@cardinex/words/en/refusals';
import { linersWords as w, shared } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Slip } from '../../ui/Slip';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { ProveAgain } from '../job/ProveAgain';
import { useOnce } from '../job/useOnce';

const needsProof = refusalSentence({ code: 'needs-fresh-proof' });

/** Letting liners stand that are out of limits: the lead's alone, with a reason that stays in the record. */
export function AcceptOut({ onClose }: { onClose: () => void }) {
  const { record } = useJob();
  const [words, setWords] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  const accept = useOnce(async () => {
    if (words.trim() === '') return setFault(refusalSentence({ code: 'words-needed' }));
    const problem = await record('liners.accepted', { words: words.trim() });
    if (problem === null) onClose();
    else setFault(problem);
  });
  return (
    <Slip title={w.acceptOut} onClose={onClose}>
      <Body>{w.acceptOutHint}</Body>
      <Field
        label={w.acceptReason}
        value={words}
        onChangeText={setWords}
        onSubmitEditing={accept}
        fault={fault}
      />
      {fault === needsProof ? <ProveAgain onProved={() => setFault(undefined)} /> : null}
      <View className="flex-row gap-3">
        <Button label={shared.back} tall onPress={onClose} className="flex-1" />
        <Button label={w.acceptOut} kind="stop" tall onPress={accept} className="flex-[2]" />
      </View>
    </Slip>
  );
}
