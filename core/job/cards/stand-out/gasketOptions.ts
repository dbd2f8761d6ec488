import type { ChecksState } from '../../facts/checks';
import { compression } from '../../../piston/compression';
import { figureMm } from '../../../quantity/figureMm';
import { ReckoningFault } from '../../../quantity/reckoningFault';
import type { VolumeFigure } from '../../../quantity/figure';
import type { JobSheet } from '../../scope';
import { gasketFinding } from './checks';

/** What one grade of gasket would do on this engine. */
export interface GasketOption {
  readonly mark: string;
  /** Above the highest piston; null until the pistons are read. */
  readonly leastMm: number | null;
  /** Compression with the mean of the stand-outs; null where the sheet lacks a volume. */
  readonly ratio: number | null;
}

/** Every grade of the sheet, from the thinnest, with the clearance and the compression it would leave. */
export function gasketOptions(sheet: JobSheet, checks: ChecksState): readonly GasketOption[] {
  const found = gasketFinding(sheet, checks);
  const grades = [...(sheet.gasket?.grades ?? [])].sort(
    (a, b) => figureMm(a.thickness) - figureMm(b.thickness),
  );
  return grades.map(({ mark, thickness }) => ({
    mark,
    leastMm: found ? figureMm(thickness) - found.highestMm : null,
    ratio: found ? ratioWith(sheet, figureMm(thickness), found.meanMm) : null,
  }));
}

function ratioWith(sheet: JobSheet, gasketMm: number, standOutMm: number): number | null {
  const { bore, stroke, head, gasket, pistons } = sheet;
  if (!bore || !stroke || !head?.chamber || !gasket?.hole) return null;
  try {
    return compression({
      boreMm: figureMm(bore),
      strokeMm: figureMm(stroke),
      chamberCc: inCc(head.chamber),
      bowlCc: inCc(pistons?.bowl) - inCc(pistons?.dome),
      gasketBoreMm: figureMm(gasket.hole),
      gasketMm,
      standOutMm,
    }).ratio;
  } catch (error) {
    // Volumes that leave nothing above the piston are a slip of the sheet: nothing is said of them.
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}

function inCc(volume: VolumeFigure | undefined): number {
  if (!volume) return 0;
  return volume.unit === 'l' ? volume.value * 1000 : volume.value;
}
