import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import type { JobState } from '../../state';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { pumpView } from './view';

/** It is meshed with the crank where it belongs, and looked at again only once it is. */
export function decidePumpSeen(
  state: JobState,
  { data }: ActOf<'check.seen'>,
  { sheet }: DecideContext,
): Verdict {
  const view = pumpView(sheet, state);
  if (!view || data.found !== 'good') return ACCEPTED;
  if (data.step === 'meshed')
    return view.next === 'stand'
      ? refused('crank-elsewhere', { beforeTopDeg: view.beforeTopDeg })
      : ACCEPTED;
  return view.next === 'stand' || view.next === 'meshed' ? refused('step-first') : ACCEPTED;
}
