import { View } from 'react-native';
import { Button } from './Button';
import { Body } from './Words';

interface Props {
  readonly text: string;
  readonly action?: string;
  readonly onAction?: () => void;
}

/** A whole screen with one thing to say and one next step: loading, empty, fallen over. */
export function Notice({ text, action, onAction }: Props) {
  return (
    <View role="main" className="h-full items-center justify-center gap-4 bg-bench p-6">
      <Body className="max-w-[420px] text-center text-on-bench">{text}</Body>
      {action && onAction ? (
        <Button label={action} kind="expected" tall onPress={onAction} />
      ) : null}
    </View>
  );
}

/** The same inside a screen, where something is still to come. */
export function NoticeInside({ text, action, onAction }: Props) {
  return (
    <View role="status" className="min-h-[120px] items-center justify-center gap-3 p-3">
      <Body className="text-center">{text}</Body>
      {action && onAction ? <Button label={action} onPress={onAction} /> : null}
    </View>
  );
}
