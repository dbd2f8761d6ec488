import { z } from 'zod';
import type { FigureOrigin } from '@cardinex/core/quantity/figure';
import { named } from '../named';
import { measure, whole, words } from '../text';

/** Lists longer than this belong to no engine. */
export function listOf<T extends z.ZodType>(item: T, most: number, least = 0) {
  return z.array(item).min(least, `needs ${least} or more`).max(most, `holds more than ${most}`);
}

/** A choice of names; the message lists them, so that an author can pick. */
export function oneOf<const T extends readonly [string, ...string[]]>(values: T) {
  return z.enum(values, { error: `must be one of: ${values.join(', ')}` });
}

const ORIGINS = [
  'manual',
  'leaflet',
  'shop',
  'hearsay',
  'assumed',
] as const satisfies readonly FigureOrigin[];

export const sourced = {
  from: oneOf(ORIGINS).describe('Who says so. A guess is "assumed" and is shown so everywhere.'),
  source: words(160).describe('Where a reader finds it: book, revision, page.'),
};

/** Lines of a piece, which are sourced as it is unless one says otherwise. */
export const sourcedAsItsPiece = {
  from: sourced.from.exactOptional(),
  source: sourced.source.exactOptional(),
};

export const statement = named('Statement', z.strictObject({ says: words(400), ...sourced }));

function figure<const U extends readonly [string, ...string[]]>(
  id: string,
  units: U,
  low: number,
  high: number,
) {
  return named(
    id,
    z.strictObject({
      text: words(40).describe('As printed, with its unit.'),
      value: measure(low, high).describe('The number in the text.'),
      unit: oneOf(units),
      ...sourced,
    }),
  );
}

/** Figures as printed, in the unit they are printed in; the bounds are those no engine leaves. */
export const lengthFigure = figure('LengthFigure', ['mm', 'thou', 'in'], -10_000, 100_000);
const torqueFigure = figure('TorqueFigure', ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'], 0.01, 100_000);
export const angleFigure = figure('AngleFigure', ['deg'], 0.1, 1080);
const pressureFigure = figure('PressureFigure', ['bar', 'psi'], 0.1, 60_000);
export const timeFigure = figure('TimeFigure', ['min', 'h'], 0.1, 10_000);
export const massFigure = figure('MassFigure', ['g'], 0.01, 1_000_000);
export const liftMassFigure = figure('LiftMassFigure', ['kg'], 0.01, 100_000);
export const temperatureFigure = figure('TemperatureFigure', ['°C'], -100, 1000);
export const volumeFigure = figure('VolumeFigure', ['cc', 'l'], 0.001, 1_000_000);
export const turnFigure = figure('TurnFigure', ['turn'], 0.01, 20);

/** One figure, a range, or missing with what the manual says instead. */
function printed<T extends z.ZodType>(id: string, entry: T) {
  return named(
    id,
    z.union(
      [
        z.strictObject({ figure: entry }),
        z.strictObject({ low: entry, high: entry }),
        z.strictObject({ missing: words(200) }),
      ],
      {
        error:
          'must be {"figure": …}, {"low": …, "high": …} or {"missing": "what the manual says instead"}',
      },
    ),
  );
}

export const printedTorque = printed('PrintedTorque', torqueFigure);
export const printedAngle = printed('PrintedAngle', angleFigure);
export const printedPressure = printed('PrintedPressure', pressureFigure);
export const printedVolume = printed('PrintedVolume', volumeFigure);

/** Limits of which a manual may print only one. */
export const lengthLimits = named(
  'LengthLimits',
  z.strictObject({ low: lengthFigure.exactOptional(), high: lengthFigure.exactOptional() }),
);

export const cylinder = whole(1, 99);
/** A length drawn, not printed: on a map. */
export const drawnMm = measure(0, 20_000);
