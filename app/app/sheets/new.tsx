import { LazyBeginSheet } from '../../features/sheets/LazySheets';

export default function NewSheetScreen() {
  return <LazyBeginSheet />;
}
