import { lazy, Suspense } from 'react';
import { shared } from '@cardinex/words/en/screens';
import { Notice } from '../../ui/Notice';

const Readings = lazy(() => import('./Readings').then((m) => ({ default: m.Readings })));

/** Tables of readings are loaded when they are asked for. */
export function LazyReadings() {
  return (
    <Suspense fallback={<Notice text={shared.loading} />}>
      <Readings />
    </Suspense>
  );
}
