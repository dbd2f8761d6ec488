import { useState } from 'react';
import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Field } from '../../../ui/Field';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { placeText, type Path } from '@cardinex/core/sheet/draftPath';

interface Props {
  readonly path: Path;
  readonly label: string;
  readonly numbers: boolean;
  /** Lists of numbers, one list on each line. */
  readonly nested?: boolean;
}

/** A list of words, one on each line; or of numbers with a space between. */
export function TextListField({ path, label, numbers, nested = false }: Props) {
  const { value, change, faults } = useDraftValue<readonly unknown[]>(path);
  const { read } = useDraft();
  const [typed, setTyped] = useState<string | null>(null);
  const inside = read.faults.filter((fault) => fault.at.startsWith(`${placeText(path)}[`));
  const list = Array.isArray(value) ? (value as readonly unknown[]) : [];
  const shown = typed ?? textOf(list, numbers, nested);
  return (
    <View className="gap-1">
      <Field
        label={label}
        hint={nested ? w.pairsHint : numbers ? w.numbersHint : w.perLine}
        value={shown}
        multiline={!numbers || nested}
        {...((!numbers || nested) && { numberOfLines: Math.min(Math.max(list.length + 1, 2), 6) })}
        onChangeText={(text) => {
          setTyped(text);
          const read = listOf(text, numbers, nested);
          change(read.length === 0 ? undefined : read);
        }}
        onBlur={() => setTyped(null)}
      />
      <Faults faults={[...faults, ...inside]} />
    </View>
  );
}

function textOf(list: readonly unknown[], numbers: boolean, nested: boolean): string {
  if (nested)
    return list.map((entry) => (Array.isArray(entry) ? entry.join(' ') : String(entry))).join('\n');
  return list.map(String).join(numbers ? ' ' : '\n');
}

function listOf(text: string, numbers: boolean, nested: boolean): readonly unknown[] {
  if (nested) {
    return text
      .split('\n')
      .filter((line) => line.trim() !== '')
      .map((line) => numbersIn(line));
  }
  if (numbers) return numbersIn(text);
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

/** What is no number stays as it was typed, for the check to say so. */
function numbersIn(text: string): readonly unknown[] {
  return text
    .split(/[\s;]+|,\s+|-(?=\d)/)
    .filter((part) => part !== '')
    .map((part) => {
      return valueIn(part) ?? part;
    });
}
