import { demoSheets } from '@cardinex/demo/sheets/all';
import type { Drawing } from '../../shape';
import { stackDrawing, type PieceStanding } from '../../assembly/stack';
import { cylinderLayoutDrawing } from '../../sheet/cylinderLayout';

export function sheetSamples(): readonly Drawing[] {
  return demoSheets.flatMap((sheet, at) => [
    cylinderLayoutDrawing({ layout: sheet.layout, marked: [1, 3], description: sheet.name }),
    ...[false, true].map((wide) =>
      stackDrawing({
        sheet,
        standing: (instance) => STANDINGS[(instance.length + at) % STANDINGS.length] ?? 'on',
        note: (piece) => (piece.length % 2 === 0 ? '12.' : undefined),
        name: ({ name, id }) => name ?? id,
        ends: [sheet.cylinder1End, sheet.otherEnd],
        description: `${sheet.name}, ${wide ? 'wide' : 'narrow'}`,
        wide,
      }),
    ),
  ]);
}

const STANDINGS: readonly PieceStanding[] = ['on', 'off', 'next', 'waits', 'target'];
