import { LazyBench } from '../../features/bench/LazyBench';

export default function BenchScreen() {
  return <LazyBench />;
}
