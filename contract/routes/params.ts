import { z } from 'zod';
import { plainId, uuid, whole } from '../text';

export const byId = z.strictObject({ id: uuid });
export const bySlug = z.strictObject({ slug: plainId.describe('The shop’s') });
export const bySheet = z.strictObject({ sheet: plainId.describe('The sheet’s id') });
export const byRevision = bySheet.extend({
  revision: z.coerce
    .number<string | number>('must be a whole number from 1 to 100000')
    .pipe(whole(1, 100_000)),
});
