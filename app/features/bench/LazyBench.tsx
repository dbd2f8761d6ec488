import { lazy, Suspense } from 'react';
import { shared } from '@cardinex/words/en/screens';
import { Notice } from '../../ui/Notice';

const Bench = lazy(() => import('./benchRoom').then((m) => ({ default: m.Bench })));
const OneCalculator = lazy(() => import('./benchRoom').then((m) => ({ default: m.OneCalculator })));

/** The bench is loaded when it is first opened: work on a job does not wait for it. */
export function LazyBench({ calculator }: { calculator?: boolean }) {
  return (
    <Suspense fallback={<Notice text={shared.loading} />}>
      {calculator ? <OneCalculator /> : <Bench />}
    </Suspense>
  );
}
