import { clockOf } from '@cardinex/core/sheet/clockOf';
import { thrustDegOf } from '@cardinex/core/sheet/thrustDegOf';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { pistonWayDrawing } from '../../pistons/pistonWay';
import { ringClockDrawing } from '../../pistons/ringClock';
import type { Drawing } from '../../shape';

export function pistonSamples(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const { rings = [], stagger, orientation } = sheet.pistons ?? {};
    const found = clockOf(sheet);
    return [
      ...(orientation
        ? [
            pistonWayDrawing({
              sheet,
              description: sheet.name,
              thrustSide: 'thrust',
              towards: 'fan end',
            }),
          ]
        : []),
      ...(found && stagger
        ? [
            ringClockDrawing({
              rings,
              found,
              thrustDeg: thrustDegOf(sheet) ?? 90,
              keepClearDeg: stagger.keepClearDeg,
              description: sheet.name,
              pin: 'pin',
              thrust: 'thrust',
              towards: 'fan end',
            }),
          ]
        : []),
    ];
  });
}
