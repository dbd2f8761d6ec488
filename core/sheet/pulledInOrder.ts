import { orderPropose } from '../tightening/orderPropose';
import { isSheetPause, type FastenedSet } from './spec/fastening';

/**
 * In which order a set is pulled: as the last stage that pulls every fastener has it, else as each is pulled last over all
 * stages; from the middle out where some are never pulled.
 */
export function pulledInOrder({ programme, fasteners }: FastenedSet): readonly string[] {
  const stages = (programme?.cycles ?? []).flatMap(({ stages }) => stages);
  const whole = stages.findLast(
    (stage) => !isSheetPause(stage) && stage.order.length === fasteners.length,
  );
  if (whole && !isSheetPause(whole)) return whole.order;
  const pulls = stages.flatMap((stage) => (isSheetPause(stage) ? [] : stage.order));
  const last = pulls.filter((id, at) => pulls.lastIndexOf(id) === at);
  if (last.length === fasteners.length) return last;
  return orderPropose({ fasteners, pattern: 'spiral' });
}
