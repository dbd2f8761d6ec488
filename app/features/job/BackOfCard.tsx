import { View } from 'react-native';
import { Body } from '../../ui/Words';

/** The back of a card that says its piece and no more. */
export function BackOfCard({ says }: { says: readonly string[] }) {
  return (
    <View className="gap-2.5">
      {says.map((text) => (
        <Body key={text}>{text}</Body>
      ))}
    </View>
  );
}
