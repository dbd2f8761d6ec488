import type { EngineSheet } from './engineSheet';
import type { PistonRoute } from './spec/pistons';

/** How a piston goes in where its sheet does not say. */
const USUAL: PistonRoute = 'into-block';

/** How a piston goes in on this engine. */
export function pistonRoute({ pistons }: Pick<EngineSheet, 'pistons'>): PistonRoute {
  return pistons?.route ?? USUAL;
}

/**
 * Does a separate cylinder come to its piston, and not a piston into its bore: slid over a piston that hangs on its rod,
 * or with the piston part-way out of it until the pin is through?
 */
export function cylinderOverPiston(sheet: Pick<EngineSheet, 'pistons'>): boolean {
  const route = pistonRoute(sheet);
  return route === 'cylinder-over-piston' || route === 'part-way-out';
}

/** Every way its sheet lets pistons go in, the one it has first foremost. */
export function routesOf(sheet: Pick<EngineSheet, 'pistons'>): readonly PistonRoute[] {
  return [...new Set([pistonRoute(sheet), ...(sheet.pistons?.alsoRoutes ?? [])])];
}
