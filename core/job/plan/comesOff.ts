import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import { reached } from '../../sheet/assembly/reached';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Scope } from '../facts/scope';
import { scopeTargets } from './scopeTargets';

/** What a job takes off its engine, by instances of pieces: `head/1`. */
export interface ComesOff {
  /** In the order they come off. */
  readonly order: readonly string[];
  /** In the order they go on again. */
  readonly back: readonly string[];
  /** Why each comes off: the pieces off that it rests on or shuts. None for what the job is out to get at. */
  readonly because: ReadonlyMap<string, readonly string[]>;
  /** By instance: those that are off before it. */
  readonly before: ReadonlyMap<string, readonly string[]>;
  /** By instance: those that go on before it, and what it closes the way to, which is done before. */
  readonly backAfter: ReadonlyMap<string, readonly string[]>;
  readonly shutsActs: ReadonlyMap<string, readonly string[]>;
  /** What stays and is eased, by the pieces off that ask for it. */
  readonly eased: ReadonlyMap<string, readonly string[]>;
}

/**
 * What comes off an engine for a scope, and in which order.
 * @example comesOffFor(sheet, { kind: 'gasket' }).order[0] // 'rocker-cover/1'
 */
export function comesOffFor(sheet: EngineSheet, scope: Scope): ComesOff {
  const found = reached(sheet, scopeTargets(sheet, scope));
  // A leaflet may have turned its order into a circle: then what is usual for its family.
  if (!found) return sheet.assembly ? comesOffFor(withoutAssembly(sheet), scope) : NOTHING;
  const off = new Set(found.order);
  const before = new Map<string, string[]>(found.order.map((id) => [id, []]));
  const backAfter = new Map<string, readonly string[]>();
  const shutsActs = new Map<string, readonly string[]>();
  const { pieces, acts } = assemblyGraph(sheet);
  const isAct = new Set(acts.map(({ id }) => id));
  for (const { id, restsOn = [], shuts = [], offAfter = [], onAfter = [] } of pieces) {
    if (!off.has(id)) continue;
    for (const other of [...restsOn, ...shuts]) before.get(other)?.push(id);
    before.get(id)?.push(...offAfter.filter((other) => off.has(other)));
    const first = new Set([...restsOn, ...shuts, ...onAfter]);
    backAfter.set(
      id,
      [...first].filter((other) => off.has(other)),
    );
    shutsActs.set(
      id,
      shuts.filter((other) => isAct.has(other)),
    );
  }
  return {
    order: found.order,
    back: found.back,
    because: new Map(found.off.map(({ id, because }) => [id, because])),
    before,
    backAfter,
    shutsActs,
    eased: new Map(found.eased.map(({ id, because }) => [id, because])),
  };
}

function withoutAssembly({ assembly: _, ...sheet }: EngineSheet): EngineSheet {
  return sheet;
}

const NOTHING: ComesOff = {
  order: [],
  back: [],
  because: new Map(),
  before: new Map(),
  backAfter: new Map(),
  shutsActs: new Map(),
  eased: new Map(),
};
