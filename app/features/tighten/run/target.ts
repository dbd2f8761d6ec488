import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { BoltFault } from '@cardinex/core/job/facts/run';
import type { TargetMessage } from '@cardinex/contract/instruments/message';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import { readThread } from '@cardinex/core/tightening/screwThread';
import type { TightenAct } from '@cardinex/core/tightening/tightenPlan';
import {
  traceVerdict,
  type TraceFault,
  type TraceSample,
} from '@cardinex/core/tightening/traceVerdict';
import { traceSentence } from '@cardinex/words/clamp';
import type { Known } from '../NotSo';

/** What the instrument is told of the pull in hand. */
export function targetOf({ name, set }: RunView, { act }: BoltView): TargetMessage | null {
  const { fastener, nm, deg, bar } = act;
  if (nm === undefined && deg === undefined && bar === undefined) return null;
  const found = set.fasteners.find(({ id }) => id === fastener);
  const thread = found && readThread(groupOf(set, found)?.thread ?? '');
  return {
    type: 'target',
    of: [name.set, name.instance, fastener].join('/'),
    ...(nm !== undefined && { nm }),
    ...(act.kind === 'angle' && deg !== undefined && { deg }),
    ...(bar !== undefined && { bar }),
    ...(thread && { thread }),
  };
}

/** Seated at about this share of the value. */
const SNUG_SHARE = 0.2;
/** Fewer samples than this say nothing of a shape. */
const FEWEST_SAMPLES = 12;

const AS_FAULT: Readonly<Partial<Record<TraceFault, BoltFault>>> = {
  yielding: 'felt-soft',
  soft: 'felt-soft',
  bottomed: 'moved-early',
  'stick-slip': 'moved-early',
};

/** What the trace of a pull finds that its last value does not show; null where it is sound. */
export function traceFault(
  { kind, nm }: TightenAct,
  samples: readonly TraceSample[],
): Known | null {
  if (kind !== 'torque' || nm === undefined || samples.length < FEWEST_SAMPLES) return null;
  const found = traceVerdict({ samples, plan: { snugNm: nm * SNUG_SHARE, finalNm: nm } });
  const fault = found.verdict === 'sound' ? undefined : AS_FAULT[found.verdict];
  return fault ? { fault, says: traceSentence(found), trace: { samples, found } } : null;
}
