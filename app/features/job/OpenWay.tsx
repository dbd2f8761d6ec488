import type { Wait } from '@cardinex/core/job/trayReason';
import { wayOpening } from '@cardinex/core/job/cards/fit/way';
import { wayWords as w } from '@cardinex/words/outOfOrder';
import { Button } from '../../ui/Button';
import { useJob } from './JobProvider';
import { useOnce } from './useOnce';

/** What is on in the way of a card is off again: its rows go on anew, with their joints, once that card is done. */
export function OpenWay({ wait }: { wait: Extract<Wait, { code: 'way-shut' }> }) {
  const { sheet, record } = useJob();
  const open = useOnce(() => record('way.opened', wayOpening(sheet, wait.act, wait.rows)));
  return <Button label={w.opened} kind="expected" tall testID="confirm" onPress={open} />;
}
