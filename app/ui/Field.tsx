import { forwardRef, useState } from 'react';
import { Text, TextInput, View, type TextInputProps } from 'react-native';
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
}

/** Upper and lower border, which what is in a field does not count. */
const BORDERS = 2;

/** A labelled input; what is wrong stands right under it. */
export const Field = forwardRef<TextInput, FieldProps>(function Field(
  { label, hint, fault, faulty = fault !== undefined, big = false, unit, style, ...rest },
  ref,
) {
  const c = usePalette();
  // A field of several lines grows with what is in it: nothing is typed out of sight.
  const [tall, setTall] = useState(0);
  return (
    <View className="gap-1">
      <Small>{label}</Small>
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
          style={[
            {
              flex: 1,
              minWidth: 0,
              minHeight: Math.max(big ? 72 : 56, tall),
              paddingHorizontal: 12,
              paddingVertical: 8,
              borderWidth: faulty ? 2 : 1,
              borderColor: faulty ? c.red : c.soft,
              borderRadius: 8,
              color: c.ink,
              backgroundColor: c.card,
              fontFamily: big
                ? 'BarlowSemiCondensed_700Bold'
                : 'AtkinsonHyperlegibleNext_400Regular',
              fontSize: big ? 40 : 18,
            },
            style,
          ]}
        />
        {unit ? <Text className="font-label text-[22px] text-ink">{unit}</Text> : null}
      </View>
      {fault === undefined ? null : (
        <Text role="alert" className="font-strong text-[16px] text-red">
          {fault}
        </Text>
      )}
    </View>
  );
});
