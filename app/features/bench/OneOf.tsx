import { Choice } from '../../ui/Choice';
import type { Values } from './useBenchValues';

interface Props {
  readonly name: string;
  readonly label: string;
  readonly labels: Readonly<Record<string, string>>;
  readonly values: Values;
  readonly set: (key: string, to: string) => void;
}

/** A choice kept under its own name among the calculator's values; the first unless chosen. */
export function OneOf({ name, label, labels, values, set }: Props) {
  const options = Object.entries(labels).map(([value, said]) => ({ value, label: said }));
  const chosen = options.find(({ value }) => value === values[name]) ?? options[0];
  return (
    <Choice
      label={label}
      value={chosen?.value ?? null}
      options={options}
      onChange={(value) => set(name, value)}
    />
  );
}
