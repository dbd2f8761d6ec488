import {
  ReckoningFault,
  requireDistinct,
  requirePositive,
  requireWhole,
} from '../quantity/reckoningFault';

export interface MarksReturnInput {
  readonly crankTeeth: number;
  /** Every other wheel that carries a mark. */
  readonly wheels: readonly { readonly id: string; readonly teeth: number }[];
  /** Links of the chain, or teeth of the belt. */
  readonly links?: number;
  /** On which wheels each mark stands; whether it stands to a marked link as well. */
  readonly marks: readonly {
    readonly id: string;
    readonly wheels: readonly string[];
    readonly onLink?: boolean;
  }[];
}

export interface MarksReturn {
  /** Whole turns of the crank from one standing of each mark to its next. */
  readonly marks: readonly { readonly id: string; readonly turns: number }[];
  /** Until all of them stand together again. */
  readonly allTurns: number;
}

/**
 * After how many turns of the crank the marks of a timing drive stand as they stood. A camshaft comes
 * round every second turn, but an idler, or the bright links of a chain, come round in their own time:
 * looked for after two turns they would seem a mistake.
 *
 * A wheel stands as before whenever the teeth that went past are a multiple of its own; so a mark
 * returns after the least common multiple of crank, wheels and links, counted in turns of the crank.
 *
 * @throws ReckoningFault where the turns are more than can be counted exactly (2^53), where a mark names a wheel that is not there, or a link where none are counted
 * @example
 * marksReturn({ crankTeeth: 21, wheels: [{ id: 'cam', teeth: 42 }], links: 108,
 *   marks: [{ id: 'cam', wheels: ['cam'] }, { id: 'link', wheels: [], onLink: true }] })
 * // cam after 2, link after 36, all after 36
 */
export function marksReturn({ crankTeeth, wheels, links, marks }: MarksReturnInput): MarksReturn {
  requireTeeth('crankTeeth', crankTeeth);
  wheels.forEach(({ teeth }, place) => requireTeeth(`wheels[${place}].teeth`, teeth));
  if (links !== undefined) requireTeeth('links', links);
  requireDistinct(
    'wheels',
    wheels.map(({ id }) => id),
  );
  requireDistinct(
    'marks',
    marks.map(({ id }) => id),
  );
  const turnsOf = (teeth: readonly number[], field: string): number => {
    const all = teeth.reduce((so, far) => leastCommonMultiple(so, BigInt(far)), BigInt(crankTeeth));
    const turns = all / BigInt(crankTeeth);
    if (turns > Number.MAX_SAFE_INTEGER) throw new ReckoningFault(field, 'beyond-counting');
    return Number(turns);
  };
  const teethOf = new Map(wheels.map(({ id, teeth }) => [id, teeth]));
  const each = marks.map(({ id, wheels: own, onLink = false }, place) => {
    const teeth = own.map((wheel) => {
      const known = teethOf.get(wheel);
      if (known === undefined) {
        throw new ReckoningFault(`marks[${place}].wheels`, 'unknown-wheel', { id: wheel });
      }
      return known;
    });
    if (onLink && links === undefined) throw new ReckoningFault('links', 'missing-partner');
    return { id, teeth: onLink && links !== undefined ? [...teeth, links] : teeth };
  });
  return {
    marks: each.map(({ id, teeth }, at) => ({ id, turns: turnsOf(teeth, `marks[${at}].wheels`) })),
    allTurns: turnsOf(
      each.flatMap(({ teeth }) => teeth),
      'wheels',
    ),
  };
}

function leastCommonMultiple(a: bigint, b: bigint): bigint {
  return (a / greatestCommonDivisor(a, b)) * b;
}

function greatestCommonDivisor(a: bigint, b: bigint): bigint {
  return b === 0n ? a : greatestCommonDivisor(b, a % b);
}

function requireTeeth(field: string, count: number): void {
  requirePositive(field, count);
  requireWhole(field, count);
}
