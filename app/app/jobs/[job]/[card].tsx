import { useLocalSearchParams } from 'expo-router';
import { SCREENS, hasScreen, type Asked } from '../../../features/cards/screens';
import { NoSuchPage } from '../../../ui/NoSuchPage';

/** Any card of a job. */
export default function Card() {
  const { card, check, set, part } = useLocalSearchParams<
    { card: string } & { [K in keyof Asked]?: string }
  >();
  if (!hasScreen(card)) return <NoSuchPage />;
  const Screen = SCREENS[card];
  return <Screen key={card} check={check} set={set} part={part} />;
}
