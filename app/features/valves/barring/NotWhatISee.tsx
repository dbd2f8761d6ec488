import { useState } from 'react';
import { otherTurn } from '@cardinex/core/job/cards/valves/otherTurn';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { rockingSays, valvesScreen as w } from '@cardinex/words/cards/valves';
import { Button } from '../../../ui/Button';
import { Slip } from '../../../ui/Slip';
import { Body } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { WordsSlip } from '../../job/WordsSlip';
import { Schools } from './Schools';

interface Props {
  readonly view: OverheadView;
  /** Are tappets giving way, so that the crank waits? */
  readonly waits: boolean;
  readonly onClose: () => void;
}

/**
 * It is not as the card says: turned too far, something else is seen, or it is to be gone round another
 * way.
 */
export function NotWhatISee({ view, waits, onClose }: Props) {
  const { record } = useJob();
  const [which, setWhich] = useState<'doubt' | 'round' | 'short' | null>(null);
  const past = useOnce(async () => {
    if ((await record('crank.overshot', {})) === null) onClose();
  });
  const other = otherTurn(view);
  const otherRocks = useOnce(async () => {
    if (!other) return;
    const problem = await record('crank.stood', {
      atDeg: other.atDeg,
      seen: rockingSays(other.rocking),
    });
    if (problem === null) onClose();
  });
  const { next } = view;
  if (which === 'round') return <Schools view={view} onClose={onClose} />;
  if (which === 'short' && next) {
    return (
      <WordsSlip
        title={w.notWaiting}
        label={w.whyNotWait}
        confirm={w.notWaiting}
        kind="stop"
        onWords={(words) =>
          record('crank.stood', { atDeg: next.atDeg, seen: w.seenAt(next.atDeg), words })
        }
        onClose={onClose}
      />
    );
  }
  if (which === 'doubt') {
    return (
      <WordsSlip
        title={w.somethingElse}
        label={w.crankDoubt}
        confirm={w.keepDoubt}
        onWords={(words) => record('crank.doubted', { words })}
        onClose={onClose}
      >
        <Body>{w.oneTurnOut}</Body>
      </WordsSlip>
    );
  }
  return (
    <Slip title={w.notSo} onClose={onClose}>
      <Button label={w.wentPast} hint={w.wentPastHint} onPress={past} />
      {other && !waits ? (
        <Button label={w.otherRocks(other.rocking)} hint={w.otherRocksHint} onPress={otherRocks} />
      ) : null}
      <Button
        label={w.somethingElse}
        hint={w.somethingElseHint}
        onPress={() => setWhich('doubt')}
      />
      <Button label={w.goRound} hint={w.goRoundHint} onPress={() => setWhich('round')} />
      {waits ? (
        <Button label={w.notWaiting} hint={w.notWaitingHint} onPress={() => setWhich('short')} />
      ) : null}
    </Slip>
  );
}
