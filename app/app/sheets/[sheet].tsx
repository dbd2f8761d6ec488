import { useLocalSearchParams } from 'expo-router';
import { LazySheetPage } from '../../features/sheets/LazySheets';

export default function SheetScreen() {
  const { sheet, revision } = useLocalSearchParams<{ sheet: string; revision?: string }>();
  return (
    <LazySheetPage id={sheet} revision={revision === undefined ? undefined : Number(revision)} />
  );
}
