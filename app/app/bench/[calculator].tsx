import { LazyCalculator } from '../../features/bench/LazyBench';

export default function CalculatorScreen() {
  return <LazyCalculator />;
}
