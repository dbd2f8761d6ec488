import { useState, type PropsWithChildren } from 'react';
import { View } from 'react-native';
import { refusalSentence } from '@cardinex/words/en/refusals';
import { shared } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Slip } from '../../ui/Slip';
import { ProveAgain } from './ProveAgain';
import { useOnce } from './useOnce';

interface Props {
  readonly title: string;
  readonly label: string;
  readonly hint?: string;
  readonly confirm: string;
  readonly kind?: 'stop' | 'expected';
  /** What to say when nothing was typed; absent where nothing need be. */
  readonly need?: string;
  /** Records it; resolves to why it was not accepted, or null. */
  readonly onWords: (words: string) => Promise<string | null>;
  readonly onClose: () => void;
}

const needsProof = refusalSentence({ code: 'needs-fresh-proof' });

/** Something that is said in a few words before it is done; asks for the PIN again where that is needed. */
export function WordsSlip({
  title,
  label,
  hint,
  confirm,
  kind = 'expected',
  need,
  onWords,
  onClose,
  children,
}: PropsWithChildren<Props>) {
  const [words, setWords] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  const say = useOnce(async () => {
    if (words.trim() === '' && need !== undefined) return setFault(need);
    const problem = await onWords(words.trim());
    if (problem === null) onClose();
    else setFault(problem);
  });
  return (
    <Slip title={title} onClose={onClose}>
      {children}
      <Field
        label={label}
        {...(hint !== undefined && { hint })}
        value={words}
        onChangeText={setWords}
        onSubmitEditing={say}
        fault={fault}
      />
      {fault === needsProof ? <ProveAgain onProved={() => setFault(undefined)} /> : null}
      <View className="flex-row gap-3">
        <Button label={shared.back} tall onPress={onClose} className="flex-1" />
        <Button label={confirm} kind={kind} tall onPress={say} className="flex-[2]" />
      </View>
    </Slip>
  );
}
