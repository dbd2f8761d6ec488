import { lazy, Suspense, type ComponentProps, type ReactNode } from 'react';
import { shared } from '@cardinex/words/en/screens';
import { AtBench } from '../../session/AtBench';
import { Notice } from '../../ui/Notice';

const SheetList = lazy(() => import('./sheetsRoom').then((m) => ({ default: m.SheetList })));
const SheetPage = lazy(() => import('./sheetsRoom').then((m) => ({ default: m.SheetPage })));
const BeginSheet = lazy(() => import('./sheetsRoom').then((m) => ({ default: m.BeginSheet })));
const OpenDraft = lazy(() => import('./sheetsRoom').then((m) => ({ default: m.OpenDraft })));

/** The sheets are loaded when they are first opened: work on a job does not wait for them. */
function Waiting({ children }: { children: ReactNode }) {
  return (
    <AtBench>
      <Suspense fallback={<Notice text={shared.loading} />}>{children}</Suspense>
    </AtBench>
  );
}

export function LazySheetList() {
  return (
    <Waiting>
      <SheetList />
    </Waiting>
  );
}

export function LazySheetPage({ id, revision }: { id: string; revision: number | undefined }) {
  return (
    <Waiting>
      <SheetPage key={`${id}-${revision ?? ''}`} id={id} revision={revision} />
    </Waiting>
  );
}

export function LazyBeginSheet() {
  return (
    <Waiting>
      <BeginSheet />
    </Waiting>
  );
}

export function LazyDraft(props: ComponentProps<typeof OpenDraft>) {
  return (
    <Waiting>
      <OpenDraft {...props} />
    </Waiting>
  );
}
