import { View } from 'react-native';
import { ScreenHeading } from './place/ScreenHeading';
import { Small } from './Words';

interface Props {
  readonly title: string;
  readonly hint?: string;
}

/** The name of a screen, on the bench above what lies there. */
export function ScreenHeader({ title, hint }: Props) {
  return (
    <View className="px-3 pb-3 pt-4">
      <ScreenHeading title={title} className="text-big text-on-bench" />
      {hint === undefined ? null : <Small className="text-bench-soft">{hint}</Small>}
    </View>
  );
}
