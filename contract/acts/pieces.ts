import { z } from 'zod';
import { PIECE_CONDITIONS, type PiecesActs } from '@cardinex/core/job/facts/pieces';
import { ASSEMBLY_ACTS } from '@cardinex/core/sheet/spec/assembly';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';
import { run } from './runs';

export const piecesActs = {
  'piece.off': z.strictObject({
    pieces: z.array(plainId).min(1, 'must name a piece').max(200, 'names more than 200 pieces'),
    found: z.enum(PIECE_CONDITIONS),
    words: words(500).exactOptional(),
  }),
  'way.opened': z.strictObject({
    act: z.enum(ASSEMBLY_ACTS),
    pieces: z.array(plainId).min(1, 'must name a piece').max(200, 'names more than 200 pieces'),
    runs: z.array(run).max(200, 'names more than 200 pulls'),
  }),
  'piece.eased': z.strictObject({ piece: plainId, off: plainId }),
} satisfies ActSchemas<PiecesActs>;
