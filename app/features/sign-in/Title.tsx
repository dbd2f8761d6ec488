import { View } from 'react-native';
import { Heading, Small } from '../../ui/Words';

/** What is asked on the way in, and of which shop. */
export function Title({ text, under }: { text: string; under: string }) {
  return (
    <View className="px-3 pb-4 pt-5">
      <Heading level={1} className="text-[28px] leading-8 text-on-bench">
        {text}
      </Heading>
      <Small className="text-bench-soft">{under}</Small>
    </View>
  );
}
