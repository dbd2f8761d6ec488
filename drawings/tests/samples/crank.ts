import { demoSheets } from '@cardinex/demo/sheets/all';
import { crankDrawing } from '../../crank/crank';
import { stopsDrawing } from '../../crank/stops';
import { timingWheelsDrawing } from '../../crank/timingWheels';
import type { Drawing } from '../../shape';
import { standing } from './common';

function cranks(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const mains = sheet.journals?.find(({ endFloat }) => endFloat !== undefined)?.count;
    if (mains === undefined) return [];
    const description = sheet.name;
    return [
      crankDrawing({ sheet, mains, capStanding: standing, description }),
      crankDrawing({ sheet, mains, throwStanding: standing, description }),
    ];
  });
}

function wheels(): readonly Drawing[] {
  return demoSheets.flatMap(({ name, timing }) => {
    if (!timing) return [];
    const drawn = timingWheelsDrawing({
      timing,
      standing,
      description: name,
      teeth: (count) => `${count} teeth`,
      links: timing.links === undefined ? undefined : `${timing.links} links`,
    });
    return drawn ? [drawn] : [];
  });
}

export function crankSamples(): readonly Drawing[] {
  return [
    ...cranks(),
    ...wheels(),
    stopsDrawing({ stopsDeg: [352, 12], topDeg: 2, description: 'Two stops' }),
  ];
}
