import { lazy, Suspense, type ReactNode } from 'react';
import { shared } from '@cardinex/words/en/screens';
import { AtBench } from '../../session/AtBench';
import { Notice } from '../../ui/Notice';

const CribList = lazy(() => import('./cribRoom').then((m) => ({ default: m.CribList })));
const ToolPage = lazy(() => import('./cribRoom').then((m) => ({ default: m.ToolPage })));
const NewTool = lazy(() => import('./cribRoom').then((m) => ({ default: m.NewTool })));

/** The crib is loaded when it is first opened: work on a job does not wait for it. */
function Waiting({ children }: { children: ReactNode }) {
  return (
    <AtBench>
      <Suspense fallback={<Notice text={shared.loading} />}>{children}</Suspense>
    </AtBench>
  );
}

export function LazyCribList() {
  return (
    <Waiting>
      <CribList />
    </Waiting>
  );
}

export function LazyToolPage({ id }: { id: string }) {
  return (
    <Waiting>
      <ToolPage key={id} id={id} />
    </Waiting>
  );
}

export function LazyNewTool() {
  return (
    <Waiting>
      <NewTool />
    </Waiting>
  );
}
