import type { ThingBars, Thing, RegisterState } from './facts/register';

/** What is in the engine now. */
export function thingsIn(state: RegisterState): readonly Thing[] {
  return state.filter((thing) => thing.takenOut === null);
}

/** Things in that bar something: what stops the crank stops the starter too. */
export function thingsBarring(state: RegisterState, what: ThingBars): readonly Thing[] {
  return thingsIn(state).filter(
    ({ bars }) => bars === what || (what === 'starting' && bars !== null),
  );
}
