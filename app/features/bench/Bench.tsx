import { router } from 'expo-router';
import { benchWords, calculatorTitles, type CalculatorName } from '@cardinex/words/bench';
import { searchWords } from '@cardinex/words/search';
import { GoTo } from '../../ui/GoTo';
import { SearchedList } from '../../ui/list/SearchedList';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { useWide } from '../../ui/useWide';
import { Heading, Small } from '../../ui/Words';
import { CALCULATORS } from './calculators';

/** The bench: every calculator, none of them tied to a job. */
export function Bench() {
  const names = Object.keys(CALCULATORS) as CalculatorName[];
  return (
    <Screen
      wide={useWide()}
      header={<ScreenHeader title={benchWords.title} hint={benchWords.hint} />}
      actBar={<PageBar onBack={() => router.replace('/')} />}
    >
      <SearchedList
        items={names}
        keyOf={(name) => name}
        textOf={(name) => Object.values(calculatorTitles[name]).join(' ')}
        hint={searchWords.calculators}
        columns={3}
        draw={(name) => (
          <GoTo
            href={`/bench/${name}`}
            replace
            className="mb-2.5 min-h-[76px] justify-center rounded-lg border border-rule bg-card px-3.5 py-2 active:opacity-80"
          >
            <Heading level={2}>{calculatorTitles[name].title}</Heading>
            <Small className="text-note">{calculatorTitles[name].hint}</Small>
          </GoTo>
        )}
      />
    </Screen>
  );
}
