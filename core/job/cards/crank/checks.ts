import type { JournalSpec } from '../../../sheet/spec/block';
import { GAP_REACH, readCheck, seenCheck, type Check } from '../../checks/check';
import { openToShells, takesCrankOut, type JobSheet } from '../../scope';

const CAMSHAFT_STEPS = ['oiled', 'in', 'turns'] as const;

const TAPPET_STEPS = ['own-lobe', 'oiled', 'sinks'] as const;

/** The end float of a shaft, read with it pushed both ways. */
function endFloatCheck({ id }: JournalSpec): Check {
  return readCheck(
    { id: `end-float/${id}`, card: 'crank', kind: 'end-float', items: ['shaft'] },
    { floorMm: 0.03, reachMm: GAP_REACH },
    { places: ['forward', 'back'], journal: id },
  );
}

/** Once the caps are down: end float both ways, then what runs in the block beside the crank. */
export function crankChecks(sheet: JobSheet): readonly Check[] {
  if (!openToShells(sheet)) return [];
  const { journals = [], overhead } = sheet;
  const floats = journals.filter(({ endFloat }) => endFloat).map(endFloatCheck);
  // A cam in the head goes in with the head.
  if (!takesCrankOut(sheet) || overhead?.gear !== 'push-rod') return floats;
  const camshaft = seenCheck(
    { id: 'camshaft', card: 'crank', kind: 'camshaft', items: ['camshaft'] },
    { places: CAMSHAFT_STEPS, byItem: true },
  );
  const tappets = seenCheck(
    {
      id: 'tappets',
      card: 'crank',
      kind: 'tappets',
      items: overhead.valves.map(({ id }) => id),
    },
    { places: TAPPET_STEPS, byItem: true },
  );
  return [...floats, camshaft, tappets];
}
