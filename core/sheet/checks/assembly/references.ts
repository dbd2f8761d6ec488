import { assemblyGraph, headInstances } from '../../assembly/assemblyGraph';
import { headOf, isAll, isInstance } from '../../assembly/references';
import { bearingCount, usualPlaces, type Instance, type Placed } from '../../assembly/instances';
import { shares } from '../../assembly/over';
import type { EngineSheet } from '../../engineSheet';
import { ASSEMBLY_ACTS, type AssemblySpec } from '../../spec/assembly';
import type { Reference } from '../../spec/reference';
import { fault, repeatedIds, repeats, type SheetFinding } from '../finding';
import { unknownCylinders } from '../identity';

type Named = readonly [at: string, references: readonly Reference[] | undefined];

/** Every name an assembly uses is of something: pieces, instances, acts, cylinders, bearings, valves. */
export function checkReferences(sheet: EngineSheet, assembly: AssemblySpec): SheetFinding[] {
  const { pieces, acts = [] } = assembly;
  return [
    ...repeatedIds('assembly.pieces', pieces),
    ...repeats(acts.map(({ act }) => act)).map(({ place, value }) =>
      fault(`assembly.acts[${place}].act`, 'repeated', { id: value }),
    ),
    ...pieces.flatMap((piece, at) =>
      placeFindings(sheet, assembly, `assembly.pieces[${at}]`, piece),
    ),
    ...acts.flatMap((spec, at) => placeFindings(sheet, assembly, `assembly.acts[${at}]`, spec)),
    ...pieces.flatMap(({ id, restsOn = [], shuts = [] }, at) =>
      [...restsOn, ...shuts].includes(id)
        ? [fault(`assembly.pieces[${at}]`, 'rests-on-itself', { id })]
        : [],
    ),
    ...unknownReferences(sheet, piecesNamed(sheet, assembly), false),
    ...unknownReferences(sheet, eitherNamed(assembly), true),
    ...sharingNothing(sheet, assembly),
  ];
}

/** A piece named by one whose instances are over other things, so that no line between them comes of it. */
function sharingNothing(sheet: EngineSheet, { pieces }: AssemblySpec): readonly SheetFinding[] {
  const { instances } = assemblyGraph(sheet);
  const placesOf = (id: string): readonly Instance[] => instances.filter(({ of }) => of === id);
  return pieces.flatMap((piece, p) => {
    const own = placesOf(piece.id);
    const lists = {
      restsOn: piece.restsOn ?? [],
      shuts: piece.shuts ?? [],
      onAfter: (piece.onAfter ?? []).map((line) => line.piece),
      offAfter: (piece.offAfter ?? []).map((line) => line.piece),
      eases: (piece.eases ?? []).map((line) => line.piece),
    };
    return Object.entries(lists).flatMap(([field, references]) =>
      references.flatMap((reference, n) => {
        const others = isInstance(reference) || isAll(reference) ? [] : placesOf(reference);
        const meet = others.some((other) => own.some((entry) => shares(entry.over, other.over)));
        return others.length === 0 || meet
          ? []
          : [
              fault(`assembly.pieces[${p}].${field}[${n}]`, 'shares-nothing', {
                piece: piece.id,
                id: reference,
              }),
            ];
      }),
    );
  });
}

/** Where pieces are named, and no act may stand. */
function piecesNamed({ fastenedSets = [] }: EngineSheet, assembly: AssemblySpec): readonly Named[] {
  const { pieces, acts = [], temporary = [], ways = [] } = assembly;
  return [
    ...pieces.flatMap((piece, p): Named[] => {
      const at = `assembly.pieces[${p}]`;
      const lines = (field: 'onAfter' | 'offAfter' | 'eases'): Named[] =>
        (piece[field] ?? []).map((line, n) => [`${at}.${field}[${n}].piece`, [line.piece]]);
      return [
        [`${at}.restsOn`, piece.restsOn],
        ...lines('onAfter'),
        ...lines('offAfter'),
        ...lines('eases'),
        ...(piece.joints ?? []).map(({ on }, n): Named => [
          `${at}.joints[${n}].on`,
          on === undefined ? [] : [on],
        ]),
      ];
    }),
    ...acts.flatMap(({ needs, shutBy }, a): Named[] => [
      [`assembly.acts[${a}].needs`, needs],
      [`assembly.acts[${a}].shutBy`, shutBy],
    ]),
    ...temporary.map(({ shuts }, t): Named => [`assembly.temporary[${t}].shuts`, shuts]),
    ...ways.flatMap(({ ways: sets }, w) =>
      sets.map((set, n): Named => [`assembly.ways[${w}].ways[${n}]`, set]),
    ),
    ...fastenedSets.flatMap((set, s): Named[] => [
      [`fastenedSets[${s}].clamps`, set.clamps],
      ...set.fasteners.map(({ clamps }, f): Named => [
        `fastenedSets[${s}].fasteners[${f}].clamps`,
        clamps,
      ]),
      ...set.fasteners.flatMap(({ clampsAt = [] }, f) =>
        clampsAt.map(({ clamps }, n): Named => [
          `fastenedSets[${s}].fasteners[${f}].clampsAt[${n}].clamps`,
          clamps,
        ]),
      ),
    ]),
  ];
}

function eitherNamed({ pieces, temporary = [], ways = [] }: AssemblySpec): readonly Named[] {
  return [
    ...pieces.map(({ shuts }, p): Named => [`assembly.pieces[${p}].shuts`, shuts]),
    ...temporary.flatMap((spec, t): Named[] =>
      (['in', 'out'] as const).map((end) => [
        `assembly.temporary[${t}].${end}`,
        spec[end] === undefined ? [] : [spec[end]],
      ]),
    ),
    ...ways.map(({ to }, w): Named => [`assembly.ways[${w}].to`, [to]]),
  ];
}

function unknownReferences(
  sheet: EngineSheet,
  named: readonly Named[],
  actsToo: boolean,
): readonly SheetFinding[] {
  const { assembly, instances, actInstances } = assemblyGraph(sheet);
  const acts: readonly string[] = actsToo ? ASSEMBLY_ACTS : [];
  const ids = new Set([...assembly.pieces.map(({ id }) => id), ...acts]);
  const places = new Set([...instances, ...(actsToo ? actInstances : [])].map(({ id }) => id));
  return named.flatMap(([at, references = []]) =>
    references.flatMap((reference, place) => {
      // A line that names one thing is pointed to itself.
      const where = /\.(piece|on|in|out|to)$/.test(at) ? at : `${at}[${place}]`;
      const known = isInstance(reference)
        ? ids.has(headOf(reference)) && places.has(reference)
        : ids.has(isAll(reference) ? headOf(reference) : reference);
      return known ? [] : [fault(where, 'unknown-piece', { id: reference })];
    }),
  );
}

/** What instances there are, and what they are said to be over. */
function placeFindings(
  sheet: EngineSheet,
  assembly: AssemblySpec,
  at: string,
  { per = 'engine', covers = [] }: Placed,
): SheetFinding[] {
  const heads = headInstances(sheet, assembly);
  if (per === 'head' && heads.length === 0) return [fault(`${at}.per`, 'no-head-piece')];
  if (per === 'named' && covers.length === 0) return [fault(`${at}.covers`, 'covers-missing')];
  const places = [...usualPlaces(sheet, per, heads).keys()];
  const bearings = bearingCount(sheet);
  const valves = new Set(sheet.overhead?.valves.map(({ id }) => id));
  return [
    ...repeats(covers.map(({ place }) => place)).map(({ place, value }) =>
      fault(`${at}.covers[${place}].place`, 'repeated', { id: value }),
    ),
    ...covers.flatMap((line, n) => {
      const here = `${at}.covers[${n}]`;
      return [
        ...(per !== 'named' && !places.includes(line.place)
          ? [
              fault(`${here}.place`, 'unknown-place', {
                place: line.place,
                places: places.join(', '),
              }),
            ]
          : []),
        ...unknownCylinders(sheet, `${here}.cylinders`, line.cylinders ?? []),
        ...(line.bearings ?? []).flatMap((bearing, b) =>
          bearing > bearings
            ? [fault(`${here}.bearings[${b}]`, 'unknown-bearing', { bearing, count: bearings })]
            : [],
        ),
        ...(line.valves ?? []).flatMap((valve, v) =>
          valves.has(valve) ? [] : [fault(`${here}.valves[${v}]`, 'unknown-valve', { valve })],
        ),
      ];
    }),
  ];
}
