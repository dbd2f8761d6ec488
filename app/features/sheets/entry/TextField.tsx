import { useState } from 'react';
import { Field } from '../../../ui/Field';

interface Props {
  readonly label: string;
  readonly hint: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** A text that is read into something else: it stays as typed while it is being typed. */
export function TextField({ label, hint, value, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Field
      label={label}
      hint={hint}
      value={typed ?? value}
      onChangeText={(text) => {
        setTyped(text);
        onChange(text);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
