import { router } from 'expo-router';
import { View } from 'react-native';
import { benchWords, calculatorTitles, type CalculatorName } from '@cardinex/words/en/bench';
import { shared } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';
import { Screen } from '../../ui/Screen';
import { Heading, Small } from '../../ui/Words';
import { CALCULATORS } from './calculators';

/** The bench: every calculator, none of them tied to a job. */
export function Bench() {
  const names = Object.keys(CALCULATORS) as CalculatorName[];
  return (
    <Screen
      header={
        <View className="px-3 pb-3 pt-4">
          <Heading level={1} className="text-[26px] leading-8 text-on-bench">
            {benchWords.title}
          </Heading>
          <Small className="text-bench-soft">{benchWords.hint}</Small>
        </View>
      }
      actBar={<Button label={shared.back} kind="bench" tall onPress={() => router.replace('/')} />}
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
