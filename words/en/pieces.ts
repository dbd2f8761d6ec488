import type { PieceRef } from '@cardinex/core/job/pieceRef';
import { assemblyOf, type Piece } from '@cardinex/core/sheet/assembly/assemblyOf';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { AssemblyAct } from '@cardinex/core/sheet/spec/assembly';
import { wordsOf } from '../identifier';
import { atStart } from './kit';

/** Usual pieces, which no sheet has named. */
const USUAL: Readonly<Record<string, string>> = {
  'rocker-cover': 'Rocker cover',
  'rocker-shaft': 'Rocker shaft',
  'push-rod': 'Push rods',
  'push-rod-tube': 'Push rod tubes',
  head: 'Head',
  tappet: 'Tappets',
  'injector-pipe': 'Injector pipes',
  injector: 'Injectors',
  'inlet-manifold': 'Inlet manifold',
  'exhaust-manifold': 'Exhaust manifold',
  pulley: 'Crank pulley',
  'timing-cover': 'Timing cover',
  'timing-drive': 'Timing drive',
  sump: 'Sump',
  'oil-pump': 'Oil pump',
  'rod-and-piston': 'Rod and piston',
  liner: 'Liner',
  flywheel: 'Flywheel',
  'main-cap': 'Main caps',
  crank: 'Crankshaft',
  camshaft: 'Camshaft',
  'crankcase-door': 'Crankcase doors',
  'air-shut-off': 'Air shut-off',
  blower: 'Blower',
  'air-box-cover': 'Air-box covers',
  'spark-plug': 'Spark plugs',
  propeller: 'Propeller',
  baffles: 'Baffles',
  'intake-pipe': 'Intake pipes',
  'exhaust-pipe': 'Exhaust pipes',
  cylinder: 'Cylinder',
  piston: 'Piston',
  'accessory-case': 'Accessory case',
  'case-half': 'Case half',
  rod: 'Rod',
  'cam-cover': 'Cam cover',
  'cam-drive': 'Cam drive',
  'cam-cap': 'Cam caps',
};

const ACTS: Readonly<Record<AssemblyAct, string>> = {
  'set-valves': 'setting the gaps',
  'set-injectors': 'setting the injectors',
  'set-brakes': 'setting the brake',
  'set-actuators': 'setting the actuators',
  'set-valves-again': 'all gaps once more',
  'set-valves-hot': 'the gaps hot',
  'pull-again': 'the second pull',
  'see-timing': 'seeing the timing marks',
  'time-pump': 'timing the pump',
  'read-stand-out': 'reading the stand-out',
  'read-liners': 'reading the liners',
  'read-end-float': 'reading the end float',
  'clamp-liners': 'clamping the liners',
  'turn-crank': 'turning the crank',
  'fill-oil': 'filling oil',
  'fill-coolant': 'filling coolant',
  'prime-oil': 'priming the oil',
  'prime-fuel': 'bleeding the fuel',
  'start-engine': 'starting the engine',
};

/** What a piece is called: as its sheet does, or as pieces of its kind usually are. */
export function pieceName({ id, name }: Pick<Piece, 'id' | 'name'>): string {
  return name ?? USUAL[id] ?? atStart(wordsOf(id).replaceAll('-', ' '));
}

/** The same by its id; the id itself for what the sheet does not know any more. */
export function pieceNamed(sheet: EngineSheet, id: string): string {
  const piece = assemblyOf(sheet).pieces.find((entry) => entry.id === headOf(id));
  return piece ? pieceName(piece) : id;
}

/** A piece as core tells of it: "Head 2". */
export function pieceRefName({ place, ...piece }: PieceRef): string {
  return place === undefined ? pieceName(piece) : `${pieceName(piece)} ${place}`;
}

/** Several instances of one piece: "Injectors 1, 2, 3". */
export function piecesName(sheet: EngineSheet, instances: readonly string[]): string {
  const [first = ''] = instances;
  if (instances.length <= 1) return referenceName(sheet, first);
  const of = headOf(first);
  return `${pieceNamed(sheet, of)} ${instances.map((id) => id.slice(of.length + 1)).join(', ')}`;
}

/** Something done at the engine, within a sentence. */
export function assemblyActName(act: AssemblyAct): string {
  return ACTS[act];
}

/** Are there several of a piece, so that each is told by its place? */
export function severalOf(sheet: EngineSheet, piece: string): boolean {
  return assemblyGraph(sheet).instances.filter(({ of }) => of === piece).length > 1;
}

/** A piece, one of its instances, or an act: "Head 2", "setting the gaps". */
export function referenceName(sheet: EngineSheet, reference: string): string {
  const of = headOf(reference);
  const place = reference.slice(of.length + 1);
  const piece = assemblyOf(sheet).pieces.find(({ id }) => id === of);
  if (!piece) return of in ACTS ? ACTS[of as AssemblyAct] : reference;
  return severalOf(sheet, of) && place !== '' ? `${pieceName(piece)} ${place}` : pieceName(piece);
}
