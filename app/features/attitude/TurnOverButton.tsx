import { useState } from 'react';
import type { StandsHow } from '@cardinex/core/sheet/spec/assembly';
import { attitudeWords as w } from '@cardinex/words/attitude';
import { Button } from '../../ui/Button';
import { TurnOverSlip } from './TurnOverSlip';

/** The way to have the engine stand as a card asks for. */
export function TurnOverButton({ to, tall = false }: { to: StandsHow; tall?: boolean }) {
  const [turning, setTurning] = useState(false);
  return (
    <>
      <Button
        label={w.turn(to)}
        {...(tall && { kind: 'expected' as const, tall, testID: 'confirm' })}
        onPress={() => setTurning(true)}
      />
      {turning ? <TurnOverSlip to={to} onClose={() => setTurning(false)} /> : null}
    </>
  );
}
