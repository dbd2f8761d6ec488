import { headCrankPlace } from '@cardinex/core/sheet/assembly/pieceLines';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { figure, row, says, type SheetRow } from './rows';

const RULES = {
  highest: 'by the highest piston',
  mean: 'by the mean of the pistons',
  'mean-then-highest': 'by the mean, one up when the highest asks for it',
} as const;

export function headRows(sheet: EngineSheet): SheetRow[] {
  const { head, gasket, sealingRing } = sheet;
  return [
    ...(head ? [row('Cam', head.camInHead ? 'in the head' : 'in the block')] : []),
    ...figure('Chamber', head?.chamber),
    ...figure('Face flat within', head?.flatness),
    ...figure('Thickness', head?.standardThickness),
    ...figure('Least thickness', head?.repairThickness),
    ...figure('Cut allowance', head?.cutAllowance),
    ...says(head?.cut?.allowed === false ? 'Not to be cut' : 'Cut', head?.cut),
    ...(gasket?.grades ?? []).map((grade) =>
      row(
        `Gasket, ${grade.mark}`,
        `${grade.over ? `over ${grade.over.text}, ` : ''}up to ${grade.upTo.text}: ${grade.thickness.text}`,
        grade.upTo,
      ),
    ),
    ...(gasket?.rule ? [row('Gasket chosen', RULES[gasket.rule])] : []),
    ...figure('One up when over by', gasket?.stepUpOver),
    ...figure('Piston to head at least', gasket?.minClearance),
    ...figure('Gasket hole', gasket?.hole),
    ...says('Gasket lies', gasket?.lies),
    ...says('Gasket dressing', gasket?.dressing),
    ...figure('Sealing ring, new', sealingRing?.new),
    ...figure('Sealing ring, least', sealingRing?.least),
    ...figure('Sealing ring, spread at most', sealingRing?.spread),
    ...says('Crank before covering', headCrankPlace(sheet)),
  ];
}
