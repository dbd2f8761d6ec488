import { orderPropose } from '../tightening/orderPropose';
import { isSheetPause, type FastenedSet } from './spec/fastening';

/** The last stage that pulls every fastener says in which order; without one, from the middle out. */
export function pulledInOrder({ programme, fasteners }: FastenedSet): readonly string[] {
  const stages = (programme?.cycles ?? []).flatMap(({ stages }) => stages);
  const whole = stages.findLast(
    (stage) => !isSheetPause(stage) && stage.order.length === fasteners.length,
  );
  if (whole && !isSheetPause(whole)) return whole.order;
  return orderPropose({ fasteners, pattern: 'spiral' });
}
