import type { ChecksState } from '../../facts/checks';
import { gasketGrade, type GasketGrade } from '../../../piston/gasketGrade';
import { figureMm } from '../../../quantity/figureMm';
import { ReckoningFault } from '../../../quantity/reckoningFault';
import type { GasketSpec } from '../../../sheet/spec/block';
import { GAP_REACH, readCheck, type Check } from '../../checks/check';
import { readingOf } from '../../checks/state';
import { cylindersInScope, takesPistonsOut, takesTopsOff, type JobSheet } from '../../scope';

/** The check under which the stand-out of the pistons is read. */
export const STAND_OUTS = 'stand-outs';

/** The two places over the pin, by the end of the engine each is nearer to. */
const OVER_PIN = ['near', 'far'] as const;

/** A piston stands this far out or in at most; more is a slip. */
const STAND_OUT_REACH = [-5, 5] as const;

/** The side float of rods once their caps are down, and how far each piston stands out at its top. */
export function standOutChecks(sheet: JobSheet): readonly Check[] {
  if (!takesTopsOff(sheet)) return [];
  const { pistons, gasket } = sheet;
  const items = cylindersInScope(sheet).map(String);
  const card = 'stand-out' as const;
  const floats =
    takesPistonsOut(sheet) && pistons?.rodSideFloat
      ? [
          readCheck(
            { id: 'rod-floats', card, kind: 'rod-floats', items },
            { floorMm: 0.1, reachMm: GAP_REACH },
          ),
        ]
      : [];
  if (!pistons?.standOut && !gasket?.grades) return floats;
  const standOuts = readCheck(
    { id: STAND_OUTS, card, kind: 'stand-outs', items },
    { floorMm: 0.15, reachMm: STAND_OUT_REACH },
    { places: OVER_PIN, turnsCrank: true },
  );
  return [...floats, standOuts];
}

/** The grades of a sheet in millimetres; null where it has none. */
function gradesOf(gasket: GasketSpec | undefined) {
  return (
    gasket?.grades?.map(({ mark, over, upTo, thickness }) => ({
      mark,
      ...(over && { overMm: figureMm(over) }),
      uptoMm: figureMm(upTo),
      thicknessMm: figureMm(thickness),
    })) ?? null
  );
}

/** What the stand-outs read so far ask for; null until every piston in hand has been read. */
export function gasketFinding(sheet: JobSheet, checks: ChecksState): GasketGrade | null {
  const { gasket } = sheet;
  const grades = gradesOf(gasket);
  if (!grades) return null;
  const pistons = cylindersInScope(sheet).map((cylinder) => ({
    cylinder,
    readingsMm: OVER_PIN.flatMap((place) => {
      const read = readingOf(checks, STAND_OUTS, String(cylinder), place);
      return read ? [read.mm] : [];
    }),
  }));
  if (pistons.some(({ readingsMm }) => readingsMm.length < OVER_PIN.length)) return null;
  const { rule = 'highest', stepUpOver, minClearance } = gasket ?? {};
  try {
    return gasketGrade({
      pistons,
      grades,
      rule,
      ...(stepUpOver && { stepUpOverMm: figureMm(stepUpOver) }),
      ...(minClearance && { minClearanceMm: figureMm(minClearance) }),
    });
  } catch (error) {
    // Grades that overlap are the sheet's fault, and no reason to lose a reading.
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}

/** May the gasket be chosen by the mark of the old one: is nothing it was chosen by disturbed? */
export function asOldGasket(sheet: JobSheet): boolean {
  return !takesPistonsOut(sheet);
}
