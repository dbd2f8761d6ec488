import { router } from 'expo-router';
import { benchWords, calculatorTitles, type CalculatorName } from '@cardinex/words/bench';
import { searchWords } from '@cardinex/words/search';
import { ListEntry } from '../../ui/list/ListEntry';
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
          <ListEntry href={`/bench/${name}`} replace>
            <Heading level={2}>{calculatorTitles[name].title}</Heading>
            <Small className="text-note">{calculatorTitles[name].hint}</Small>
          </ListEntry>
        )}
      />
    </Screen>
  );
}
