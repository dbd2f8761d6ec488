import { z } from 'zod';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { documentFault } from '../problem';
import { named } from '../named';
import { moment, sha256, uuid } from '../text';
import { engineSheetSchema } from './engineSheet';

/** Sheets to publish, all or none; each is read with the sheet's own schema. */
export const publishSchema = named(
  'Publish',
  z.strictObject({
    by: uuid.describe('Who publishes: a member who may, proved on this device'),
    sheets: z
      .array(z.unknown())
      .min(1, 'needs a sheet')
      .max(20, 'holds more than 20 sheets')
      .describe('Engine sheets; all or none are published, and every fault of each is named'),
  }),
);
export type Publish = z.infer<typeof publishSchema>;

/** The sheet as it is published within other shapes. */
export const publishedSheet: z.ZodType<EngineSheet> = named('EngineSheet', engineSheetSchema);

export const sheetRevisionSchema = named(
  'SheetRevision',
  z.strictObject({
    hash: sha256.describe('SHA-256 of the canonical JSON of the sheet'),
    sheet: publishedSheet,
  }),
);
export type SheetRevision = Readonly<z.infer<typeof sheetRevisionSchema>>;

export const sheetRevisionsSchema = z.strictObject({ sheets: z.array(sheetRevisionSchema) });

export const publishedRevisionSchema = named(
  'PublishedRevision',
  z.strictObject({
    revision: z.int(),
    note: z.string().nullable().describe('What its author wrote of it'),
    publishedAt: moment,
    publishedBy: uuid.nullable().describe('Null for what came with the demo'),
  }),
);

export const checkedSheetSchema = z.strictObject({
  faults: z.array(documentFault),
  sound: z.boolean().describe('Whether nothing bars it from being published'),
});
