import type { ChecksState } from '../../facts/checks';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { seenOf } from '../../checks/state';

/** What can bring an engine to life, or move it, while hands are in it. */
export type Isolation =
  | 'controls-tagged'
  | 'battery-off'
  | 'ignition-earthed'
  | 'fuel-shut'
  | 'starting-air-vented'
  | 'turning-gear-noted'
  | 'propeller-clear'
  | 'air-shut'
  | 'stand-locked';

/** The check these are answered under. */
export const DEAD = 'dead';

/** What has to be made dead on an engine of this kind, in the order it is done. */
export function isolationOf({ service, fuel }: EngineSheet): readonly Isolation[] {
  const heavy = service === 'marine' || service === 'stationary';
  return [
    'controls-tagged',
    ...(fuel === 'petrol' ? (['ignition-earthed'] as const) : []),
    ...(heavy && fuel === 'diesel' ? (['starting-air-vented', 'turning-gear-noted'] as const) : []),
    'battery-off',
    'fuel-shut',
    ...(fuel === 'gas' ? (['air-shut'] as const) : []),
    ...(service === 'aircraft' ? (['propeller-clear'] as const) : []),
    'stand-locked',
  ];
}

/** What is still live. */
export function stillLive(sheet: EngineSheet, checks: ChecksState): readonly Isolation[] {
  return isolationOf(sheet).filter((item) => seenOf(checks, DEAD, item)?.found !== 'good');
}
