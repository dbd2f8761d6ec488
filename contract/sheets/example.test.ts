import { readFileSync } from 'node:fs';
import path from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import { reach } from '@cardinex/core/assembly/reach';
import { assemblyGraph, reachInputOf } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { unclampedBy } from '@cardinex/core/sheet/assembly/clamped';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { engineSheetJsonSchema } from './jsonSchema';
import { readSheet } from './readSheet';

/** The engine that docs/formats/assembly.md explains. */
const document: unknown = JSON.parse(
  readFileSync(path.join(__dirname, '../../docs/formats/engine-sheet.example.json'), 'utf8'),
);
const sheet = document as EngineSheet;
const reached = (target: string) => reach(reachInputOf(assemblyGraph(sheet), [target]));

describe('the worked engine of the guide', () => {
  it('imports with nothing to object to, and is of the published schema', () => {
    const read = readSheet(document);
    expect(read.faults).toEqual([]);
    expect(read.sound).toBe(true);
    const validate = new Ajv2020({ strict: false }).compile(engineSheetJsonSchema());
    expect(validate(document)).toBe(true);
  });

  it('has twelve cylinders under four heads, and is worked out as the guide says', () => {
    const { order, eased } = reached('head/left-fan');
    expect(order).toEqual([
      'rocker-cover/left-fan',
      'exhaust-shaft/left-fan',
      'intake-shaft/left-fan',
      ...['I1', 'E1', 'I2', 'E2', 'I3', 'E3'].map((valve) => `push-rod/${valve}`),
      'injector/1',
      'injector/2',
      'injector/3',
      'fuel-pipe/left',
      'inlet-manifold/1',
      'exhaust-manifold/left',
      'head/left-fan',
    ]);
    expect(eased).toEqual([{ id: 'turbo/1', because: ['exhaust-manifold/left'] }]);
    expect(reached('set-valves/right-fan').order).toEqual(['rocker-cover/right-fan']);
    expect(reached('main-cap/4').order).toEqual(['sump/1', 'main-cap/4']);
  });

  it('has a head that is no longer clamped once its exhaust shaft is off', () => {
    expect(unclampedBy(sheet, new Set(['exhaust-shaft/left-fan']))).toEqual([
      { set: 'head', instance: 'left-fan', pieces: ['head/left-fan'] },
    ]);
  });
});
