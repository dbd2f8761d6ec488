import { useLocalSearchParams } from 'expo-router';
import { LazySheetPage } from '../../features/sheets/LazySheets';

export default function SheetScreen() {
  const { sheet } = useLocalSearchParams<{ sheet: string }>();
  return <LazySheetPage id={sheet} />;
}
