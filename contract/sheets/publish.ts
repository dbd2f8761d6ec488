import { z } from 'zod';
import { uuid } from '../text';

/** Sheets to publish, all or none; each is read with the sheet's own schema. */
export const publishSchema = z.strictObject({
  by: uuid,
  sheets: z.array(z.unknown()).min(1, 'needs a sheet').max(20, 'holds more than 20 sheets'),
});
export type Publish = z.infer<typeof publishSchema>;

/** A published revision as the list of a sheet's revisions shows it. */
export interface PublishedRevision {
  readonly revision: number;
  readonly note: string | null;
  readonly publishedAt: string;
  /** Null for what came with the demo. */
  readonly publishedBy: string | null;
}
