import { boreDrawing } from '../../checks/boreSection';
import { faceGapsDrawing } from '../../checks/faceGaps';
import { rowOfPartsDrawing, type RowStanding } from '../../checks/rowOfParts';
import { straightedgeDrawing } from '../../checks/straightedge';
import type { Drawing } from '../../shape';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { figure } from './common';

const TOLVANE_MAP = tolvane44.fastenedSets?.[0]?.map;

export function checkSamples(): readonly Drawing[] {
  return [
    boreDrawing({
      nominalMm: 105,
      readingsMm: { top: [105.12, 105.08], middle: [105.05, null], bottom: [null, null] },
      description: 'A bore',
      figure: (mm) => (mm === null ? '–' : figure(mm)),
    }),
    faceGapsDrawing({
      lines: [
        { line: '1', gapMm: 0.08, limitMm: 0.1, code: 'within' },
        { line: '2', gapMm: 0.12, limitMm: 0.1, code: 'over' },
        { line: 'a', gapMm: 0, limitMm: 0.03, code: 'within' },
      ],
      description: 'A face',
      figure,
    }),
    rowOfPartsDrawing({
      lines: [['E1', 'I1', 'E2', 'I2'].map((id) => ({ id, name: id }))],
      standing: (id) =>
        ({ E1: 'done', I1: 'in-row', E2: 'left-out', I2: 'failed' })[id] as RowStanding,
      description: 'Tappets in their row',
    }),
    straightedgeDrawing({
      readings: [
        { line: 'long', gapMm: 0.12 },
        { line: 'cross', gapMm: 0.03 },
      ],
      limitMm: 0.05,
      current: 'diagonal-1',
      map: TOLVANE_MAP,
      description: 'A head',
      figure,
    }),
  ];
}
