import { useState } from 'react';
import { lockNutWords as w } from '@cardinex/words/cards/lockNut';
import { Button } from '../../../ui/Button';
import { Slip } from '../../../ui/Slip';
import { SlipButtons } from '../../../ui/SlipButtons';
import { WrenchInHand, type Hand } from '../../tighten/WrenchInHand';
import type { LockNut } from './useLockNut';

/** Another wrench for the lock nuts, an adapter on it, or none. */
export function LockNutSlip({ nut }: { nut: LockNut }) {
  const [hand, setHand] = useState<Hand>({
    wrenchId: nut.hand.wrenchId,
    adapter: nut.hand.adapter ?? null,
    override: '',
  });
  const close = (): void => nut.choose(false);
  const take = (wrenchId: string | null): void => {
    nut.take({ wrenchId, adapter: wrenchId === null ? null : hand.adapter });
    close();
  };
  return (
    <Slip
      title={w.title}
      onClose={close}
      foot={
        <SlipButtons
          confirm={w.take}
          disabled={hand.wrenchId === null}
          onConfirm={() => take(hand.wrenchId)}
          onClose={close}
        />
      }
    >
      <WrenchInHand
        tools={nut.tools}
        targetsNm={nut.nm === null ? [] : [nut.nm]}
        onlyOne
        calibrated={false}
        hand={hand}
        onChange={setHand}
      />
      <Button label={w.noWrench} onPress={() => take(null)} />
    </Slip>
  );
}
