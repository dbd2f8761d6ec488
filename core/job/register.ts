import type { ThingBars, Thing, RegisterState } from './facts/register';
import type { LoggedAct } from './act';

export function evolveRegister(state: RegisterState, act: LoggedAct): RegisterState {
  switch (act.type) {
    case 'thing.put-in': {
      const { thing: id, ...said } = act.data;
      return [
        ...state,
        { id, ...said, putIn: { at: act.at, by: act.by, seq: act.seq }, takenOut: null },
      ];
    }
    case 'thing.taken-out':
      return state.map((thing) =>
        thing.id === act.data.thing && !thing.takenOut
          ? { ...thing, takenOut: { at: act.at, by: act.by } }
          : thing,
      );
    default:
      return state;
  }
}

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
