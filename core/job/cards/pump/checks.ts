import { seenCheck, type Check } from '../../checks/check';
import { timesEngine, type JobSheet } from '../../scope';

export const PUMP = 'pump';
export const PUMP_STEPS = ['meshed', 'again'] as const;
export type PumpStep = (typeof PUMP_STEPS)[number];

/** Set with the crank in its place, then looked at once more after two turns. */
export function pumpChecks(sheet: JobSheet): readonly Check[] {
  if (sheet.timing?.pump === undefined || !timesEngine(sheet)) return [];
  return [
    seenCheck(
      { id: PUMP, card: 'pump', kind: 'pump', items: [PUMP] },
      { places: PUMP_STEPS, byItem: true, turnsCrank: true, turnsAt: ['again'] },
    ),
  ];
}
