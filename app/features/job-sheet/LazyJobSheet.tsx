import { lazy, Suspense } from 'react';
import type { Layer } from '@cardinex/core/job/layers';
import { shared } from '@cardinex/words/en/screens';
import { Notice } from '../../ui/Notice';

const JobSheet = lazy(() => import('../sheets/sheetsRoom').then((m) => ({ default: m.JobSheet })));
const LayerEntry = lazy(() =>
  import('../sheets/sheetsRoom').then((m) => ({ default: m.LayerEntry })),
);

/** A job's figures are loaded when they are looked at: pulling bolts does not wait for them. */
export function LazyJobSheet() {
  return (
    <Suspense fallback={<Notice text={shared.loading} />}>
      <JobSheet />
    </Suspense>
  );
}

export function LazyLayerEntry({ kind }: { kind: Layer['kind'] }) {
  return (
    <Suspense fallback={<Notice text={shared.loading} />}>
      <LayerEntry key={kind} kind={kind} />
    </Suspense>
  );
}
