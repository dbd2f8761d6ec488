import type { CheckView } from '@cardinex/core/job/checks/view';
import { ShellsFound } from '../bearings/ShellsFound';
import { LookCheck } from './LookCheck';
import { ReadCheck } from './ReadCheck';
import { WeighCheck } from './WeighCheck';

/** The check in hand, by the way it is made. */
export function OneCheck({ view }: { view: CheckView }) {
  switch (view.check.way) {
    case 'read':
      return <ReadCheck view={view} />;
    case 'weighed':
      return <WeighCheck view={view} />;
    case 'seen':
      return view.check.kind === 'shells-found' ? (
        <ShellsFound view={view} />
      ) : (
        <LookCheck view={view} />
      );
  }
}
