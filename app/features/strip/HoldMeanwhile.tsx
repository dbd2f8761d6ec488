import type { TemporaryPartKind } from '@cardinex/core/job/facts/register';
import { v7 as uuidv7 } from 'uuid';
import { THING_BARS, registerWords as w, thingKindName } from '@cardinex/words/register';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/**
 * What holds an engine while separate cylinders are off, so that its crank may turn: plates on slack through bolts, and
 * what guides pistons that hang on their rods.
 */
export function HoldMeanwhile({ by }: { by: Extract<TemporaryPartKind, keyof typeof w.held> }) {
  const { record } = useJob();
  const put = useOnce(() =>
    record('temporary-part.put-in', {
      part: uuidv7(),
      kind: by,
      what: thingKindName(by),
      where: w.heldWhere,
      bars: THING_BARS[by],
    }),
  );
  return <Button label={w.held[by]} onPress={put} />;
}
