import { useLayoutEffect, useRef } from 'react';
import { usePreferences } from '../preferences';
import { openInstrument, type Values } from './openInstrument';

/**
 * The crank encoder this device listens to; nothing where it has none.
 * @param onTurned told by how many degrees the crank went on since it was last told, below zero for back
 */
export function useEncoder(onTurned: (byDeg: number) => void): void {
  const { instruments } = usePreferences();
  const address = instruments.encoder.trim();
  const latest = useRef(onTurned);
  useLayoutEffect(() => {
    latest.current = onTurned;
  });
  useLayoutEffect(() => {
    if (address === '') return;
    // It counts from where it was switched on, and says first where it stands: only what it goes on by
    // is of interest.
    let before: number | null = null;
    const hear = ({ deg }: Values): void => {
      if (deg === undefined) return;
      if (before !== null) latest.current(deg - before);
      before = deg;
    };
    const encoder = openInstrument(address, {
      onStanding: () => undefined,
      onSample: hear,
      onReading: hear,
    });
    return () => encoder.close();
  }, [address]);
}
