import { demoSheets } from '@cardinex/demo/sheets/all';
import { SHELL_WEAR } from '@cardinex/core/crank/shellPattern';
import { crankDrawing } from '../../crank/crank';
import { shellsDrawing } from '../../crank/shells';
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

/** Shells in every way they can be found, as far as they fit on a shaft. */
function shells(): readonly Drawing[] {
  const bearings = ['1', '2', '3', '4', '5'].map((id) => ({
    id,
    upper: `${id}/upper`,
    lower: `${id}/lower`,
  }));
  const items = bearings.flatMap(({ upper, lower }) => [lower, upper]);
  return (['lower', 'upper'] as const).map((loaded) =>
    shellsDrawing({
      bearings,
      wear: (item) => SHELL_WEAR[items.indexOf(item)],
      loaded,
      now: '5/lower',
      words: { upper: 'Upper', lower: 'Lower' },
      description: `Shells, the ${loaded} carry the load`,
    }),
  );
}

export function crankSamples(): readonly Drawing[] {
  return [
    ...cranks(),
    ...shells(),
    ...wheels(),
    stopsDrawing({ stopsDeg: [352, 12], topDeg: 2, description: 'Two stops' }),
  ];
}
