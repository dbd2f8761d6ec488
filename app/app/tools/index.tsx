import { LazyCribList } from '../../features/crib/LazyCrib';

export default function ToolsScreen() {
  return <LazyCribList />;
}
