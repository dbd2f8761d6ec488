import { View } from 'react-native';
import { Button } from './Button';
import { Small } from './Words';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | null;
  readonly onChange: (value: T) => void;
}

/** One of a few, all in sight. */
export function Choice<T extends string>({ label, options, value, onChange }: Props<T>) {
  return (
    <View role="group" aria-label={label} className="gap-1">
      <Small>{label}</Small>
      <View className="flex-row flex-wrap gap-3">
        {options.map((option) => (
          <Button
            key={option.value}
            label={option.label}
            selected={option.value === value}
            onPress={() => onChange(option.value)}
            className="min-w-[72px] flex-1"
          />
        ))}
      </View>
    </View>
  );
}
