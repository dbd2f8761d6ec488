import { useState, type PropsWithChildren } from 'react';
import { refusalSentence } from '@cardinex/words/refusals';
import { Field } from '../../ui/Field';
import { useRefusal } from '../../ui/Refusal';
import { Slip } from '../../ui/Slip';
import { SlipButtons } from '../../ui/SlipButtons';
import { ProveAgain } from './ProveAgain';
import { useOnce } from './useOnce';

interface Props {
  readonly title: string;
  readonly label: string;
  readonly hint?: string;
  /** What is known already, for whoever has nothing to add. */
  readonly starting?: string;
  readonly confirm: string;
  readonly kind?: 'stop' | 'expected';
  /** What else must be chosen first is not chosen yet. */
  readonly disabled?: boolean;
  /** What to say when nothing was typed. */
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
  starting = '',
  confirm,
  kind = 'expected',
  disabled = false,
  need = refusalSentence({ code: 'words-needed' }),
  onWords,
  onClose,
  children,
}: PropsWithChildren<Props>) {
  const [words, setWords] = useState(starting);
  const [wordless, setWordless] = useState(false);
  const refusal = useRefusal();
  const say = useOnce(async () => {
    if (disabled) return;
    if (words.trim() === '') {
      setWordless(true);
      return refusal.say(need);
    }
    if ((await onWords(words.trim())) === null) onClose();
  });
  return (
    <Slip
      title={title}
      onClose={onClose}
      foot={
        <SlipButtons
          confirm={confirm}
          kind={kind}
          disabled={disabled}
          onConfirm={say}
          onClose={onClose}
        />
      }
    >
      {children}
      <Field
        label={label}
        {...(hint !== undefined && { hint })}
        value={words}
        onChangeText={(text) => {
          setWords(text);
          if (wordless) refusal.clear();
          setWordless(false);
        }}
        onSubmitEditing={say}
        faulty={wordless}
      />
      {refusal.text === needsProof ? <ProveAgain onProved={refusal.clear} /> : null}
    </Slip>
  );
}
