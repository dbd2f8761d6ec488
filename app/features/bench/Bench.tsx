import { router } from 'expo-router';
import { View } from 'react-native';
import { benchWords, calculatorTitles, type CalculatorName } from '@cardinex/words/bench';
import { Button } from '../../ui/Button';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { CALCULATORS } from './calculators';

/** The bench: every calculator, none of them tied to a job. */
export function Bench() {
  const names = Object.keys(CALCULATORS) as CalculatorName[];
  return (
    <Screen
      header={<ScreenHeader title={benchWords.title} hint={benchWords.hint} />}
      actBar={<PageBar onBack={() => router.replace('/')} />}
    >
      <View className="gap-3">
        {names.map((name) => (
          <Button
            key={name}
            label={calculatorTitles[name].title}
            hint={calculatorTitles[name].hint}
            tall
            onPress={() => router.replace(`/bench/${name}`)}
          />
        ))}
      </View>
    </Screen>
  );
}
