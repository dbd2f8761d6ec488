/** What a blank sheet of a family already says: its shape, never a figure. */
interface FamilyStart {
  readonly service: string;
  readonly fuel: string;
  readonly strokes: 4 | 2;
  readonly form: 'in-line' | 'v' | 'opposed';
  readonly gear: 'push-rod' | 'overhead-cam';
  readonly actsOn: 'valve' | 'bridge' | 'yoke';
  readonly adjust: 'screw' | 'shim' | 'hydraulic';
}

export type Family =
  'in-line' | 'separate-heads' | 'two-stroke' | 'v-petrol' | 'flat' | 'overhead-cam';

export const FAMILIES: Readonly<Record<Family, FamilyStart>> = {
  'in-line': {
    service: 'vehicle',
    fuel: 'diesel',
    strokes: 4,
    form: 'in-line',
    gear: 'push-rod',
    actsOn: 'valve',
    adjust: 'screw',
  },
  'separate-heads': {
    service: 'marine',
    fuel: 'diesel',
    strokes: 4,
    form: 'in-line',
    gear: 'push-rod',
    actsOn: 'yoke',
    adjust: 'screw',
  },
  'two-stroke': {
    service: 'stationary',
    fuel: 'diesel',
    strokes: 2,
    form: 'in-line',
    gear: 'push-rod',
    actsOn: 'bridge',
    adjust: 'screw',
  },
  'v-petrol': {
    service: 'marine',
    fuel: 'petrol',
    strokes: 4,
    form: 'v',
    gear: 'push-rod',
    actsOn: 'valve',
    adjust: 'hydraulic',
  },
  flat: {
    service: 'aircraft',
    fuel: 'petrol',
    strokes: 4,
    form: 'opposed',
    gear: 'push-rod',
    actsOn: 'valve',
    adjust: 'screw',
  },
  'overhead-cam': {
    service: 'vehicle',
    fuel: 'diesel',
    strokes: 4,
    form: 'in-line',
    gear: 'overhead-cam',
    actsOn: 'valve',
    adjust: 'shim',
  },
};

/**
 * The cylinders of each bank, numbered as most engines of that form are: along an in-line engine,
 * bank by bank in a V, alternately in an opposed one. A start, to be changed where the book differs.
 */
export function banksFor(
  form: FamilyStart['form'],
  cylinders: number,
): readonly {
  readonly id: string;
  readonly name: string;
  readonly cylinders: readonly number[];
}[] {
  const all = Array.from({ length: cylinders }, (_, n) => n + 1);
  if (form === 'in-line') return [{ id: 'a', name: 'in line', cylinders: all }];
  const half = Math.ceil(cylinders / 2);
  const [left, right] =
    form === 'v'
      ? [all.slice(0, half), all.slice(half)]
      : [all.filter((n) => n % 2 === 0), all.filter((n) => n % 2 === 1)];
  return [
    { id: 'left', name: 'left', cylinders: left },
    { id: 'right', name: 'right', cylinders: right },
  ];
}

/** One gap for each cylinder and kind of valve: E1, I1, E2, … */
export function valvesFor(strokes: 4 | 2, cylinders: readonly number[]) {
  const kinds = strokes === 4 ? (['exhaust', 'intake'] as const) : (['exhaust'] as const);
  return cylinders.flatMap((cylinder) =>
    kinds.map((kind) => ({ id: `${kind === 'exhaust' ? 'E' : 'I'}${cylinder}`, cylinder, kind })),
  );
}
