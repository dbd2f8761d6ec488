import { View } from 'react-native';
import { Button } from './Button';
import { Small } from './Words';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | null;
  readonly onChange: (value: T) => void;
}

/** Room for the longest label, so that no two words run into each other. */
function widthFor(labels: readonly string[]): string {
  const longest = Math.max(...labels.map((label) => label.length));
  if (longest > 11) return 'min-w-[45%]';
  return longest > 8 ? 'min-w-[30%]' : 'min-w-[72px]';
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
            className={`${widthFor(options.map((o) => o.label))} flex-1`}
          />
        ))}
      </View>
    </View>
  );
}
