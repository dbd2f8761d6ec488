import { useState } from 'react';
import { View } from 'react-native';
import type { BoltView } from '@cardinex/core/job/cards/tighten';
import type { BoltFault } from '@cardinex/core/job/act';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { refusalSentence } from '@cardinex/words/en/refusals';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Slip } from '../../ui/Slip';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

interface Props {
  readonly bolt: BoltView;
  readonly number: string;
  readonly onClose: () => void;
}

const FAULTS: readonly {
  readonly fault: BoltFault;
  readonly label: string;
  readonly hint: string;
}[] = [
  { fault: 'did-not-reach', label: w.didNotReach, hint: w.didNotReachHint },
  { fault: 'slipped', label: w.slipped, hint: w.slippedHint },
];

/** A pull that did not come out as expected: which way, and a word of explanation. */
export function NotSo({ bolt, number, onClose }: Props) {
  const { record } = useJob();
  const [fault, setFault] = useState<BoltFault | null>(null);
  const [words, setWords] = useState('');
  const [wordless, setWordless] = useState(false);
  const keep = useOnce(async () => {
    if (!fault) return;
    if (words.trim() === '') return setWordless(true);
    const problem = await record('bolt.failed', {
      key: bolt.act.key,
      pass: bolt.nextPass,
      fault,
      words: words.trim(),
    });
    if (problem === null) onClose();
  });
  return (
    <Slip title={w.whatHappened(number)} onClose={onClose}>
      {FAULTS.map((choice) => (
        <Button
          key={choice.fault}
          label={choice.label}
          hint={choice.hint}
          tall
          selected={fault === choice.fault}
          onPress={() => setFault(choice.fault)}
        />
      ))}
      <Field
        label={w.inWords}
        hint={w.wordsHint}
        value={words}
        onChangeText={(text) => {
          setWords(text);
          setWordless(false);
        }}
        onSubmitEditing={keep}
        fault={wordless ? refusalSentence({ code: 'words-needed' }) : undefined}
      />
      <View className="flex-row gap-3">
        <Button label={w.back} tall onPress={onClose} className="flex-1" />
        <Button
          label={w.keepFault}
          kind="expected"
          tall
          disabled={fault === null}
          onPress={keep}
          className="flex-[2]"
        />
      </View>
    </Slip>
  );
}
