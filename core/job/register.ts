import type { TemporaryBars } from '../sheet/spec/assembly';
import type { TemporaryPart, RegisterState } from './facts/register';

/** What is in the engine now. */
export function temporaryPartsIn(state: RegisterState): readonly TemporaryPart[] {
  return state.filter((part) => part.takenOut === null);
}

/**
 * What must be out before a piece goes on: what it would shut in, and what bars the lift itself. Clamps stand on the deck:
 * only a head lies over them. Plates on through bolts, and what guides a piston, stand where a cylinder goes.
 */
export function partsUnder(
  { register }: { readonly register: RegisterState },
  { kind }: { readonly kind: string },
): readonly TemporaryPart[] {
  const barring = (['cover', 'lift'] as const).flatMap((bars) =>
    temporaryPartsBarring(register, bars),
  );
  return temporaryPartsIn(register).filter((part) => {
    if (AT_CYLINDERS.includes(part.kind)) return kind === 'cylinder';
    return barring.includes(part) && (part.kind !== 'liner-clamp' || kind === 'head');
  });
}

const AT_CYLINDERS: readonly TemporaryPart['kind'][] = ['case-clamp', 'piston-guide'];

/** What it is and where it went in, as it is called everywhere: "barring pin, flywheel". */
export function temporaryPartName({ what, where }: Pick<TemporaryPart, 'what' | 'where'>): string {
  return `${what}, ${where}`;
}

/** Things in that bar something: what stops the crank stops the starter too. */
export function temporaryPartsBarring(
  state: RegisterState,
  what: TemporaryBars,
): readonly TemporaryPart[] {
  return temporaryPartsIn(state).filter(
    ({ bars }) => bars === what || (what === 'start' && bars !== null),
  );
}
