import { useCallback, useState, type PropsWithChildren } from 'react';
import { View } from 'react-native';
import { storageWords } from '@cardinex/words/storage';
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

/** A screen on which something is typed; over it is said, for as long as that is so, that it is not written down. */
export function Written({ failed, children }: PropsWithChildren<Pick<Writing, 'failed'>>) {
  return (
    <View className="h-full">
      {failed ? (
        <View role="alert" className="gap-1 border-2 border-red bg-card p-3" testID="unwritten">
          <Mark kind="out" word={storageWords.title} />
          <Body className="font-strong">{storageWords.typedUnkept}</Body>
        </View>
      ) : null}
      <View className="flex-1">{children}</View>
    </View>
  );
}
