import type { Path } from './paths';
import type { SchemaNode } from './schemaNodes';

/** A path with list places left out: "fastenedSets/x/programme". */
export function patternOf(path: Path): string {
  return path.map((step) => (typeof step === 'number' ? '*' : step)).join('/');
}

/**
 * What a part of a sheet begins with when it is opened: who says so, and whatever else it cannot be
 * without and nobody should have to type.
 */
export function begunWith(path: Path, node: SchemaNode, source: string): Record<string, unknown> {
  const sourced = node.properties?.from !== undefined && node.properties.source !== undefined;
  const from = sourced ? { from: 'manual', ...(source !== '' && { source }) } : {};
  switch (patternOf(path)) {
    case 'fastenedSets/*/programme':
      return { id: 'main', cycles: [{ id: '1', stages: [{ id: '1' }] }], ...from };
    case 'fastenedSets/*':
      return { instances: ['1'], groups: [{ id: '1', name: 'All alike' }] };
    case 'fastenedSets/*/programme/cycles/*':
      return { stages: [{ id: '1' }] };
    case 'variants/*':
      return {
        options: [
          { id: '1', overrides: [] },
          { id: '2', overrides: [] },
        ],
      };
    case 'variants/*/options/*':
      return { overrides: [] };
    case 'covers/*':
      return { hides: [], ...from };
    default:
      return from;
  }
}
