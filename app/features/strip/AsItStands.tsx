import type { StandsHow } from '@cardinex/core/sheet/spec/assembly';
import { attitudeWords as w } from '@cardinex/words/attitude';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { ReasonButton } from '../job/ReasonButton';

/** A piece comes off without the engine being turned over for it, as it does in its frame. */
export function AsItStands({ to }: { readonly to: StandsHow }) {
  const { record } = useJob();
  return (
    <ReasonButton
      button={w.asItStands}
      title={w.asItStandsTitle}
      label={w.asItStandsWhy}
      hint={w.asItStandsHint}
      need={w.asItStandsNeed}
      confirm={w.asItStandsGo}
      kind="stop"
      onWords={(words) =>
        record('card.out-of-order', { card: 'strip', despite: [{ turnOver: to }], words })
      }
    >
      <Body>{w.asItStandsSays}</Body>
    </ReasonButton>
  );
}
