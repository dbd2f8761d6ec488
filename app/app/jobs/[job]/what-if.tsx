import { useLocalSearchParams } from 'expo-router';
import { LazyWhatIfCard } from '../../../features/cards/LazyCards';

export default function WhatIf() {
  const { set } = useLocalSearchParams<{ set?: string }>();
  return <LazyWhatIfCard set={set} />;
}
