import { useState } from 'react';
import { Pressable } from 'react-native';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { Small } from '../../../ui/Words';
import { Protractor } from '../../tighten/run/Protractor';

/** A hexagon's flat, and a quarter of a turn. */
const STEPS_DEG = [60, 90] as const;

/**
 * The part of a turn an adjusting screw goes. One of several flats, or quarters, is counted by a tap at
 * each: a hand called away half-way finds again how far it was.
 */
export function TurnCount({ deg }: { deg: number }) {
  const [count, setCount] = useState(0);
  const step = STEPS_DEG.find((entry) => deg > entry && Math.abs(deg % entry) < 1e-6);
  if (step === undefined) return <Protractor deg={deg} turned={null} />;
  const steps = Math.round(deg / step);
  return (
    <Pressable
      role="button"
      onPress={() => setCount(count === steps ? 0 : count + 1)}
      className="items-center active:opacity-70"
      testID="turn-count"
    >
      <Protractor deg={deg} turned={count * step} />
      <Small className="underline">{w.turnsCounted(count, steps, step)}</Small>
    </Pressable>
  );
}
