import { useState } from 'react';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { refusalSentence } from '@cardinex/words/refusals';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { ValvesBack } from '../valves/ValvesBack';

/** The engine has been run to working heat: said by whom and how, before any hot reading. */
export function BeginRecheck({ view }: { view: OverheadView }) {
  const { record } = useJob();
  const [words, setWords] = useState('');
  const [wordless, setWordless] = useState(false);
  const begin = useOnce(async () => {
    if (words.trim() === '') return setWordless(true);
    await record('recheck.begun', { words: words.trim() });
  });
  return (
    <CardFrame
      card="recheck"
      title={w.recheckTitle}
      back={<ValvesBack view={view} />}
      actBar={
        <Button label={w.recheckBegin} kind="expected" tall onPress={begin} testID="confirm" />
      }
    >
      <View className="gap-3 p-3.5">
        <Body>{w.recheckHow}</Body>
        <View className="flex-row gap-2 rounded-lg border-2 border-red p-3">
          <Mark kind="out" />
          <Body className="flex-1 font-strong">{w.recheckCaution}</Body>
        </View>
        <Field
          label={w.recheckWords}
          hint={w.recheckHint}
          value={words}
          onChangeText={(text) => {
            setWords(text);
            setWordless(false);
          }}
          onSubmitEditing={begin}
          fault={wordless ? refusalSentence({ code: 'words-needed' }) : undefined}
        />
      </View>
    </CardFrame>
  );
}
