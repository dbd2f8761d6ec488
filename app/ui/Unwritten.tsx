import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { storageWords } from '@cardinex/words/en/storage';
import { Mark } from './Mark';
import { Body } from './Words';

interface Writing {
  /** The last writing failed: what is on the screen is on the screen alone. */
  readonly failed: boolean;
  /** Follows one writing to its end. */
  readonly follow: (writing: Promise<void>) => void;
}

/** Follows what is written down as it is typed, so that a failure is said. */
export function useWriting(): Writing {
  const [failed, setFailed] = useState(false);
  const follow = useCallback((writing: Promise<void>) => {
    writing.then(
      () => setFailed(false),
      () => setFailed(true),
    );
  }, []);
  return { failed, follow };
}

/** Said over what is being typed for as long as this device does not write it down. */
export function Unwritten() {
  return (
    <View role="alert" className="gap-1 border-2 border-red bg-card p-3" testID="unwritten">
      <Mark kind="out" word={storageWords.title} />
      <Body className="font-strong">{storageWords.typedUnkept}</Body>
    </View>
  );
}
