import Delete from 'lucide-react-native/icons/delete';
import { useEffect } from 'react';
import { View } from 'react-native';
import { signInWords } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { usePalette } from '../../ui/useTheme';
import { cn } from '../../ui/cn';

const LENGTH = 4;
const ROWS = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
];

interface Props {
  readonly entered: string;
  readonly onChange: (entered: string) => void;
}

/** Ten big keys; digits of a keyboard do the same. */
export function PinPad({ entered, onChange }: Props) {
  const c = usePalette();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (/^\d$/.test(event.key)) onChange((entered + event.key).slice(0, LENGTH));
      if (event.key === 'Backspace') onChange(entered.slice(0, -1));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [entered, onChange]);
  const key = (digit: string) => (
    <View key={digit} className="flex-1">
      <Button
        label={digit}
        tall
        onPress={() => onChange((entered + digit).slice(0, LENGTH))}
        large
      />
    </View>
  );
  return (
    <View className="gap-3">
      <View
        className="flex-row justify-center gap-4 py-2"
        aria-label={`${entered.length} of ${LENGTH}`}
        role="img"
      >
        {Array.from({ length: LENGTH }, (_, place) => (
          <View
            key={place}
            className={cn(
              'h-5 w-5 rounded-full border-2 border-ink',
              place < entered.length && 'bg-ink',
            )}
          />
        ))}
      </View>
      {ROWS.map((row) => (
        <View key={row.join('')} className="flex-row gap-3">
          {row.map(key)}
        </View>
      ))}
      <View className="flex-row gap-3">
        <View className="flex-1" />
        {key('0')}
        <View className="flex-1">
          <Button
            label=""
            name={signInWords.rubOut}
            tall
            large
            icon={<Delete color={c.ink} size={28} />}
            onPress={() => onChange(entered.slice(0, -1))}
          />
        </View>
      </View>
    </View>
  );
}
