import type { RunView } from '@cardinex/core/job/run/views';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { torque } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { Small } from '../../../ui/Words';

/** Marks gone, a bolt is tried at this share of the torque its turn began from. */
const SAFE_SHARE = 0.8;

/** How turned bolts may be told apart without their marks; nothing where no torque came before the turn. */
export function TryBelow({ view }: { view: RunView }) {
  const units = useUnits();
  const at = view.current ? view.stages.indexOf(view.current) : 0;
  const before = view.stages
    .slice(0, at)
    .flatMap(({ stage, bolts }) => (stage.kind === 'torque' ? (bolts[0]?.act.nm ?? []) : []));
  const last = before.at(-1);
  return last === undefined ? null : <Small>{w.tryAngle(torque(last * SAFE_SHARE, units))}</Small>;
}
