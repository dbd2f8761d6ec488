import { View } from 'react-native';
import { installWords as w } from '@cardinex/words/install';
import { askToInstall, useInstall } from '../../device/install';
import { Button } from '../../ui/Button';
import { cn } from '../../ui/cn';
import { Body, Heading } from '../../ui/Words';

interface Props {
  readonly onLater?: () => void;
  readonly className?: string;
}

/** Puts the app on the home screen of this device, or says how; nothing where it is, or cannot be. */
export function InstallHint({ onLater, className }: Props) {
  const install = useInstall();
  if (install === null) return null;
  return (
    <View className={cn('gap-2', className)}>
      <Heading level={3}>{w.title}</Heading>
      <Body>{install === 'by-hand' ? w.byHand : w.why}</Body>
      <View className="flex-row flex-wrap gap-3">
        {onLater ? <Button label={w.later} onPress={onLater} className="flex-1" /> : null}
        {install === 'ask' ? (
          <Button label={w.install} onPress={askToInstall} className="flex-1" />
        ) : null}
      </View>
    </View>
  );
}
