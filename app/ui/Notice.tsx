import { View } from 'react-native';
import { Button } from './Button';
import { usePageTitle } from './place/usePageTitle';
import { Body } from './Words';

interface Props {
  readonly text: string;
  readonly action?: string;
  readonly onAction?: () => void;
}

/** A whole screen with one thing to say and one next step: loading, empty, fallen over. */
export function Notice({ text, action, onAction }: Props) {
  usePageTitle(text);
  return (
    <View role="main" className="h-full items-center justify-center gap-4 bg-bench p-6">
      <Body className="max-w-[420px] text-center text-on-bench">{text}</Body>
      {action && onAction ? (
        <Button label={action} kind="expected" tall onPress={onAction} />
      ) : null}
    </View>
  );
}
