import type { OpenDraft } from './DraftContext';
import { patternOf, type Path } from '@cardinex/core/sheet/draftPath';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/**
 * What a part of a sheet begins with when it is opened: who says so, and whatever else it cannot be
 * without and nobody should have to type.
 */
export function begunWith(
  path: Path,
  node: SchemaNode,
  { source, origin }: Pick<OpenDraft, 'source' | 'origin'>,
): Record<string, unknown> {
  const sourced = isSourced(node);
  const from = sourced ? { from: origin, ...(source !== '' && { source }) } : {};
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
    default:
      return from;
  }
}

/** Must it say where it stands? Lines of a piece need not: they stand where the piece does. */
export function isSourced({ properties, required = [] }: SchemaNode): boolean {
  return properties?.source !== undefined && required.includes('from');
}
