import type { Act, ActType } from './act';
import type { ActRule } from './kit/slice';
import type { Role } from './roles';
import { SLICES } from './slices/index';
import { pendingActs } from './slices/pending';
import { struckActs } from './slices/struck';

/** The rule of every kind of act, as its slice has it; one that is missing does not compile. */
export const RULES: { readonly [T in ActType]: ActRule<T> } = {
  ...SLICES.attitude.acts,
  ...SLICES.cause.acts,
  ...SLICES.cautions.acts,
  ...SLICES.checks.acts,
  ...SLICES.crank.acts,
  ...SLICES.crib.acts,
  ...SLICES.gasket.acts,
  ...SLICES.hands.acts,
  ...SLICES.heat.acts,
  ...SLICES.layers.acts,
  ...SLICES.leftOut.acts,
  ...SLICES.liners.acts,
  ...SLICES.marks.acts,
  ...SLICES.oldBolts.acts,
  ...SLICES.opened.acts,
  ...SLICES.outOfOrder.acts,
  ...SLICES.parked.acts,
  ...SLICES.parts.acts,
  ...SLICES.photographs.acts,
  ...SLICES.pieces.acts,
  ...SLICES.pistonRoute.acts,
  ...SLICES.putOff.acts,
  ...SLICES.remarks.acts,
  ...SLICES.register.acts,
  ...SLICES.runs.acts,
  ...SLICES.scope.acts,
  ...SLICES.top.acts,
  ...SLICES.valves.acts,
  ...SLICES.variant.acts,
  ...struckActs.acts,
  ...pendingActs.acts,
};

/** The rule of an act, to be asked with what that act says. */
export function ruleOf({ type }: Pick<Act, 'type'>): ActRule<ActType> {
  // Which rule goes with which data is lost once the act may be any.
  return RULES[type] as unknown as ActRule<ActType>;
}

/** May a member of this role do acts of this kind? */
export function mayAct(role: Role, type: ActType): boolean {
  return RULES[type].roles.includes(role);
}

/** Can an act be taken back? What a job stands on, and what the server says itself, cannot. */
export function isStrikable({ type }: Pick<Act, 'type'>): boolean {
  return RULES[type].strikable !== false;
}
