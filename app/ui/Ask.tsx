import { View } from 'react-native';
import { Button } from './Button';
import { Mark } from './Mark';
import { Body } from './Words';

/** A question about what was just pressed, and its two answers. */
export interface Asked {
  readonly text: string;
  /** What makes it doubtful; or that it is only asked to be sure. */
  readonly kind: 'out' | 'waiting';
  readonly more?: string;
  readonly yes: { readonly label: string; readonly onPress: () => void };
  readonly no: { readonly label: string; readonly onPress: () => void };
  /** Neither: something else is so. */
  readonly else?: { readonly label: string; readonly onPress: () => void };
  readonly testID: string;
}

/** Asked right above the bar, without a dialog: answered where the thumb is not drumming. */
export function Ask({ asked }: { readonly asked: Asked }) {
  const { text, kind, more, yes, no, testID } = asked;
  return (
    <View
      role="alert"
      testID={testID}
      className={`gap-2 rounded-lg border-2 bg-card p-2.5 ${kind === 'out' ? 'border-red' : 'border-brass'}`}
    >
      <Mark kind={kind} word={text} />
      {more === undefined ? null : <Body>{more}</Body>}
      <View className="flex-row gap-3">
        <Button label={yes.label} onPress={yes.onPress} className="flex-1" />
        <Button label={no.label} kind="expected" onPress={no.onPress} className="flex-1" />
      </View>
      {asked.else ? <Button label={asked.else.label} onPress={asked.else.onPress} /> : null}
    </View>
  );
}
