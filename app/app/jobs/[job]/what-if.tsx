import { useLocalSearchParams } from 'expo-router';
import { LazyWhatIfCard } from '../../../features/lazy/LazyScreens';

export default function WhatIf() {
  const { set } = useLocalSearchParams<{ set?: string }>();
  return <LazyWhatIfCard set={set} />;
}
