import type { ThingBars, Thing, RegisterState } from './facts/register';

/** What is in the engine now. */
export function thingsIn(state: RegisterState): readonly Thing[] {
  return state.filter((thing) => thing.takenOut === null);
}

/** What it is and where it went in, as it is called everywhere: "barring pin, flywheel". */
export function thingName({ what, where }: Pick<Thing, 'what' | 'where'>): string {
  return `${what}, ${where}`;
}

/** Things in that bar something: what stops the crank stops the starter too. */
export function thingsBarring(state: RegisterState, what: ThingBars): readonly Thing[] {
  return thingsIn(state).filter(
    ({ bars }) => bars === what || (what === 'starting' && bars !== null),
  );
}
