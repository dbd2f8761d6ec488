import type { PropsWithChildren } from 'react';
import { View } from 'react-native';

/** The buttons at the foot of a screen, side by side; below each other where letters are large. */
export function BarRow({ children }: PropsWithChildren) {
  return (
    <View className="flex-row flex-wrap gap-3" testID="act-bar">
      {children}
    </View>
  );
}
