import { View } from 'react-native';
import { Heading, Small } from './Words';

interface Props {
  readonly title: string;
  readonly hint?: string;
}

/** The name of a screen, on the bench above what lies there. */
export function ScreenHeader({ title, hint }: Props) {
  return (
    <View className="px-3 pb-3 pt-4">
      <Heading level={1} className="text-[26px] leading-8 text-on-bench">
        {title}
      </Heading>
      {hint === undefined ? null : <Small className="text-bench-soft">{hint}</Small>}
    </View>
  );
}
