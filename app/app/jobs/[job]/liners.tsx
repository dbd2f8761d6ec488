import { useLocalSearchParams } from 'expo-router';
import { LazyLinersCard, LazyLinersPart } from '../../../features/cards/LazyCards';

export default function Liners() {
  const { part, check } = useLocalSearchParams<{ part?: string; check?: string }>();
  if (part === undefined && check === undefined) return <LazyLinersCard />;
  return <LazyLinersPart part={part} check={check} />;
}
