import { LazyBench } from '../../features/bench/LazyBench';

export default function CalculatorScreen() {
  return <LazyBench calculator />;
}
