import { cycleDegrees } from '@cardinex/core/overhead/cycle';
import { lashTrend } from '@cardinex/core/overhead/lashTrend';
import { settable } from '@cardinex/core/overhead/settable';
import { standOut } from '@cardinex/core/overhead/standOut';
import { overheadFor } from '@cardinex/core/sheet/barringOf';
import { cycleWindows } from '@cardinex/core/sheet/cycleWindows';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import { settingItems } from '@cardinex/core/sheet/settingItems';
import { demoSheets } from '@cardinex/demo/sheets/all';
import type { Drawing } from '../../shape';
import { valveWindowsDrawing } from '../../sheet/valveWindows';
import { adjustersDrawing } from '../../valves/adjusters';
import { bridgeDrawing } from '../../valves/bridge';
import { crankClockDrawing } from '../../valves/crankClock';
import { cylindersDrawing } from '../../valves/cylindersInCycle';
import { leafDrawing } from '../../valves/leaf';
import { trendDrawing } from '../../valves/trend';
import { figure } from './common';

function clocks(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const { rotation } = sheet;
    if (!rotation) return [];
    const firing = firingOf(sheet);
    return [0, 90, 360].map((barDeg) =>
      crankClockDrawing({
        rotation,
        firing,
        standsAtDeg: 30,
        barDeg,
        figure: `${barDeg}°`,
        captions: barDeg === 360 ? ['clockwise', '132 teeth', '900 mm'] : ['clockwise'],
        description: sheet.name,
      }),
    );
  });
}

function overheads(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const overhead = overheadFor(sheet, settingItems(sheet));
    if (typeof overhead === 'string') return [];
    const current = settable({ ...overhead, atDeg: 0 });
    const windows = cycleWindows(sheet);
    return [
      cylindersDrawing({ overhead, here: current, description: sheet.name }),
      valveWindowsDrawing({
        windows,
        cycleDeg: cycleDegrees(sheet.strokes),
        strokes:
          sheet.strokes === 4
            ? ['power', 'exhaust', 'inlet', 'compression']
            : ['power', 'compression'],
        nameOf: ({ what, name }) => name ?? what,
        degrees: (deg) => `${deg}°`,
        description: sheet.name,
      }),
    ];
  });
}

function leaves(): readonly Drawing[] {
  const over = (['valve', 'bridge', 'yoke'] as const).map((actsOn) =>
    leafDrawing({ spec: { gear: 'push-rod', actsOn }, item: 'intake', description: actsOn }),
  );
  const cam = { gear: 'overhead-cam', actsOn: 'valve' } as const;
  return [
    ...over,
    leafDrawing({ spec: cam, item: 'intake', description: 'Cam on shim' }),
    leafDrawing({ spec: cam, item: 'brake', description: 'Brake' }),
    leafDrawing({ spec: cam, item: 'actuator', description: 'Actuator' }),
  ];
}

function gaps(): readonly Drawing[] {
  const closing = [
    { hours: 0, mm: 0.35 },
    { hours: 400, mm: 0.31, setMm: 0.35 },
    { hours: 800, mm: 0.3, setMm: 0.34 },
    { hours: 1200, mm: 0.28 },
  ];
  const drawn = trendDrawing({
    readings: closing,
    closesAtMm: 0.15,
    found: lashTrend({ readings: closing, closesAtMm: 0.15 }),
    description: 'A gap over the hours',
    figure,
    hours: (hours) => `${hours} h`,
  });
  const { items } = standOut({
    items: [11.2, 11.4, 8.1, 11.3, 11.1].map((mm, nth) => ({ id: String(nth + 1), mm })),
    limitMm: 1,
  });
  return [...(drawn ? [drawn] : []), adjustersDrawing({ items, description: 'Adjusters' })];
}

export function valveSamples(): readonly Drawing[] {
  return [
    ...clocks(),
    ...overheads(),
    ...leaves(),
    ...(['equalised', 'before'] as const).flatMap((step) =>
      [true, false].map((yoke) => bridgeDrawing({ step, yoke, description: step })),
    ),
    ...gaps(),
  ];
}
