import { useState } from 'react';
import { View } from 'react-native';
import { Field } from '../../../ui/Field';
import { useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import type { Path } from '@cardinex/core/sheet/draftPath';

interface Props {
  readonly path: Path;
  readonly label: string;
  /** Takes the number in place of the draft, where more than it changes. */
  readonly onEntered?: (value: unknown) => void;
}

/** A plain number; what is typed stays as typed, and what is no number is said to be none. */
export function NumberField({ path, label, onEntered }: Props) {
  const { value, change, faults } = useDraftValue<unknown>(path);
  const [typed, setTyped] = useState<string | null>(null);
  const enter = onEntered ?? change;
  return (
    <View className="gap-1">
      <Field
        label={label}
        inputMode="decimal"
        value={typed ?? (value === undefined ? '' : String(value))}
        onChangeText={(text) => {
          setTyped(text);
          if (text.trim() === '') return enter(undefined);
          enter(valueIn(text) ?? text);
        }}
        onBlur={() => setTyped(null)}
      />
      <Faults faults={faults} />
    </View>
  );
}
