import { router, useLocalSearchParams } from 'expo-router';
import { shared } from '@cardinex/words/en/screens';
import { Notice } from '../../ui/Notice';
import { CALCULATORS } from './calculators';

/** The calculator named in the address. */
export function OneCalculator() {
  const { calculator } = useLocalSearchParams<{ calculator: string }>();
  if (!Object.hasOwn(CALCULATORS, calculator)) {
    const toBench = (): void => router.replace('/bench');
    return <Notice text={shared.notFound} action={shared.back} onAction={toBench} />;
  }
  const Calculator = CALCULATORS[calculator as keyof typeof CALCULATORS];
  return <Calculator />;
}
