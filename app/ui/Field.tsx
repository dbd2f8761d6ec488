import { forwardRef, useState } from 'react';
import { Text, TextInput, View, type TextInputProps } from 'react-native';
import { cn } from './cn';
import { usePalette } from './useTheme';
import { Small } from './Words';

interface FieldProps extends Omit<TextInputProps, 'aria-label'> {
  readonly label: string;
  readonly hint?: string;
  readonly fault?: string | undefined;
  /** It is wrong, and why stands above the button that was pressed. */
  readonly faulty?: boolean;
  /** Digits as big as the figure they become. */
  readonly big?: boolean;
  readonly unit?: string;
  /** Its name is for the ear alone: the hint in it says what goes there. */
  readonly bare?: boolean;
}

/** Upper and lower border, which what is in a field does not count. */
const BORDERS = 2;

/** A labelled input; what is wrong stands right under it. */
export const Field = forwardRef<TextInput, FieldProps>(function Field(
  {
    label,
    hint,
    fault,
    faulty = fault !== undefined,
    big = false,
    bare = false,
    unit,
    style,
    ...rest
  },
  ref,
) {
  const c = usePalette();
  // A field of several lines grows with what is in it: nothing is typed out of sight.
  const [tall, setTall] = useState(0);
  return (
    <View className="gap-1">
      {bare ? null : <Small>{label}</Small>}
      <View className="flex-row items-center gap-2">
        <TextInput
          ref={ref}
          aria-label={unit ? `${label}, ${unit}` : label}
          aria-invalid={faulty}
          placeholder={hint}
          placeholderTextColor={c.soft}
          autoComplete="off"
          autoCorrect={false}
          onContentSizeChange={
            rest.multiline
              ? ({ nativeEvent }) => setTall(nativeEvent.contentSize.height + BORDERS)
              : undefined
          }
          {...rest}
          className={cn(
            'min-w-0 flex-1 rounded-lg bg-card px-3 py-2 text-ink',
            big ? 'min-h-[72px] font-head text-figure' : 'min-h-[56px] font-text text-body',
            faulty ? 'border-2 border-red' : 'border border-soft',
          )}
          style={[tall > 0 && { minHeight: tall }, style]}
        />
        {unit ? <Text className="font-label text-title text-ink">{unit}</Text> : null}
      </View>
      {fault === undefined ? null : (
        <Text role="alert" className="font-strong text-note text-red">
          {fault}
        </Text>
      )}
    </View>
  );
});
