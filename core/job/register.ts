import type { LoggedAct } from './act';

/** What is put into an engine for a while and must come out again. */
export const THING_KINDS = [
  'liner-clamp',
  'guide-stud',
  'plug',
  'pin',
  'rag',
  'tape',
  'bracket',
  'other',
] as const;
export type ThingKind = (typeof THING_KINDS)[number];

/** What must not happen while it is in; null for what harms nothing by itself. */
export type ThingBars = 'turning' | 'starting' | 'covering';

export interface Thing {
  readonly id: string;
  readonly kind: ThingKind;
  /** "Rag", "Tensioner pin". */
  readonly what: string;
  readonly where: string;
  readonly bars: ThingBars | null;
  readonly putIn: { readonly at: string; readonly by: string; readonly seq: number };
  readonly takenOut: { readonly at: string; readonly by: string } | null;
}

/** Everything that went in, in the order it did. */
export type RegisterState = readonly Thing[];

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
