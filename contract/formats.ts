import { jobRecordJsonSchema } from './jobs/jsonSchema';
import { engineSheetJsonSchema } from './sheets/jsonSchema';

/** JSON Schemas of the files that leave the product, by the name they are served under at /formats. */
export const FORMATS: Readonly<Record<string, () => object>> = {
  'engine-sheet.schema.json': engineSheetJsonSchema,
  'job-record.schema.json': jobRecordJsonSchema,
};
