import { useState } from 'react';
import { View } from 'react-native';
import { refusalSentence } from '@cardinex/words/refusals';
import { shared } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';

interface Props {
  readonly label: string;
  readonly hint: string;
  readonly keep: string;
  readonly onKeep: (words: string) => Promise<boolean>;
  readonly onClose: () => void;
}

/** Something that happened to a tool, in a few words. */
export function WordsForm({ label, hint, keep, onKeep, onClose }: Props) {
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const submit = (): void => {
    setTried(true);
    if (words.trim() === '') return;
    void onKeep(words.trim()).then((stored) => stored && onClose());
  };
  return (
    <View className="mb-3.5 gap-3 rounded-lg border-2 border-blue bg-card p-3.5">
      <Field
        label={label}
        hint={hint}
        value={words}
        onChangeText={setWords}
        onSubmitEditing={submit}
        fault={tried && words.trim() === '' ? refusalSentence({ code: 'words-needed' }) : undefined}
      />
      <View className="flex-row gap-3">
        <Button label={shared.cancel} onPress={onClose} className="flex-1" />
        <Button label={keep} kind="expected" onPress={submit} className="flex-1" />
      </View>
    </View>
  );
}
