import { useRef, useState, type ReactNode } from 'react';
import { View, type TextInput } from 'react-native';
import { countWords as w } from '@cardinex/words/cards/fit';
import { Field } from '../../ui/Field';
import { useRefusal } from '../../ui/Refusal';
import { useDigitsTo } from '../reading/useDigitsTo';

interface Counted {
  /** Where it is typed, and what its Enter does; null where nothing is counted. */
  readonly field: ((onDone: () => void) => ReactNode) | null;
  /** What was typed: a number, nothing yet, or null where nothing is counted. */
  readonly count: number | undefined | null;
}

/**
 * A number that is counted and typed at a step; one that is only confirmed was not counted.
 * @param total how many there must be; null where nothing is counted
 * @param key the step it is about: what was typed at another is forgotten
 */
export function useCounted(total: number | null, key: string): Counted {
  const [typed, setTyped] = useState({ key: '', text: '' });
  const field = useRef<TextInput>(null);
  const refusal = useRefusal();
  useDigitsTo(field);
  const text = typed.key === key ? typed.text.trim() : '';
  if (total === null) return { field: null, count: null };
  return {
    count: /^\d+$/.test(text) ? Number(text) : undefined,
    field: (onDone) => (
      <View className="pt-1">
        <Field
          key={key}
          ref={field}
          label={w.howMany(total)}
          big
          inputMode="numeric"
          value={text}
          onChangeText={(next) => {
            setTyped({ key, text: next });
            refusal.clear();
          }}
          onSubmitEditing={onDone}
          blurOnSubmit={false}
          testID="count"
        />
      </View>
    ),
  };
}
