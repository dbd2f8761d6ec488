import { router } from 'expo-router';
import type { PropsWithChildren, ReactNode } from 'react';
import { View } from 'react-native';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { benchWords, calculatorTitles, type CalculatorName } from '@cardinex/words/bench';
import { faultInWords } from '@cardinex/words/faults';
import { Button } from '../../ui/Button';
import { Marked } from '../../ui/Marked';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { TabbedCard } from '../../ui/TabbedCard';
import { useWide } from '../../ui/useWide';
import { Body } from '../../ui/Words';

interface Props {
  readonly name: CalculatorName;
  readonly onClear: () => void;
  /** The answer, or a fault of what was typed; null until there is enough to reckon with. */
  readonly answer: ReactNode | ReckoningFault | null;
}

/** A calculator: what follows stands at the top, what it asks for under it; side by side on a wide screen. */
export function CalculatorFrame({ name, onClear, answer, children }: PropsWithChildren<Props>) {
  const { title, hint } = calculatorTitles[name];
  const wide = useWide();
  const half = wide ? 'min-w-0 flex-1' : '';
  return (
    <Screen
      wide={wide}
      header={<ScreenHeader title={title} hint={hint} />}
      actBar={
        <PageBar onBack={() => router.replace('/bench')}>
          <Button label={benchWords.clear} kind="bench" tall onPress={onClear} className="flex-1" />
        </PageBar>
      }
    >
      <View className={wide ? 'flex-row-reverse items-start gap-3.5' : ''}>
        <View className={half}>
          <TabbedCard tab={benchWords.answer}>
            <View className="gap-2" role="status" aria-live="polite" testID="answer">
              <Answer answer={answer} />
            </View>
          </TabbedCard>
        </View>
        <View className={half}>
          <TabbedCard tab={benchWords.figures}>
            <View className="gap-3">{children}</View>
          </TabbedCard>
        </View>
      </View>
    </Screen>
  );
}

function Answer({ answer }: Pick<Props, 'answer'>) {
  if (answer === null) return <Body>{benchWords.fill}</Body>;
  if (!(answer instanceof ReckoningFault)) return answer;
  return <Marked kind="out">{faultInWords(answer)}</Marked>;
}
