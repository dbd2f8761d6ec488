import { View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { Body } from '../Words';

interface Props {
  /** What was asked of the server, and how that went. */
  readonly of: { readonly data: unknown; readonly isError: boolean };
}

/** Said in place of a list nobody knows yet: it is not empty. */
export function NotKnown({ of: { data, isError } }: Props) {
  if (data !== undefined) return null;
  return (
    <View className="rounded-lg bg-card p-4" aria-live="polite">
      <Body>{isError ? shared.neverAnswered : shared.asking}</Body>
    </View>
  );
}
