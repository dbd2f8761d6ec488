import { LazyNewTool } from '../../features/crib/LazyCrib';

export default function NewToolScreen() {
  return <LazyNewTool />;
}
