import { z } from 'zod';
import { engineSheetSchema } from './engineSheet';

/**
 * The published JSON Schema of an engine sheet (draft 2020-12). It says what shape a sheet has; what
 * takes two places to tell (an order that misses a bolt) is told by the import.
 */
export function engineSheetJsonSchema(): object {
  return {
    $id: '/formats/engine-sheet.schema.json',
    title: 'Cardinex engine sheet',
    ...z.toJSONSchema(engineSheetSchema, { io: 'input' }),
  };
}
