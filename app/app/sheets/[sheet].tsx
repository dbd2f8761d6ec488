import { useLocalSearchParams } from 'expo-router';
import { LazySheetPage } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function SheetScreen() {
  const { sheet, revision } = useLocalSearchParams<{ sheet: string; revision?: string }>();
  return (
    <AtBench>
      <LazySheetPage
        key={`${sheet}-${revision ?? ''}`}
        id={sheet}
        revision={revision === undefined ? undefined : Number(revision)}
      />
    </AtBench>
  );
}
