import { useState } from 'react';
import { View } from 'react-native';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { refusalSentence } from '@cardinex/words/en/refusals';
import { shared } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Slip } from '../../ui/Slip';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** What is seen is not what should be: the crank's position is in doubt until found again. */
export function NotWhatISee({ onClose }: { onClose: () => void }) {
  const { record } = useJob();
  const [words, setWords] = useState('');
  const [wordless, setWordless] = useState(false);
  const doubt = useOnce(async () => {
    if (words.trim() === '') return setWordless(true);
    const problem = await record('crank.doubted', { words: words.trim() });
    if (problem === null) onClose();
  });
  return (
    <Slip title={w.notWhatISee} onClose={onClose}>
      <Body>{w.oneTurnOut}</Body>
      <Field
        label={w.crankDoubt}
        value={words}
        onChangeText={(text) => {
          setWords(text);
          setWordless(false);
        }}
        onSubmitEditing={doubt}
        fault={wordless ? refusalSentence({ code: 'words-needed' }) : undefined}
      />
      <View className="flex-row gap-3">
        <Button label={shared.back} tall onPress={onClose} className="flex-1" />
        <Button label={w.notWhatISee} kind="expected" tall onPress={doubt} className="flex-[2]" />
      </View>
    </Slip>
  );
}
