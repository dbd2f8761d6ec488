import { LazySheetList } from '../../features/sheets/LazySheets';

export default function SheetsScreen() {
  return <LazySheetList />;
}
