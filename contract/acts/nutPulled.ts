import { z } from 'zod';
import { measure, plainId, words } from '../text';

const nm = measure(0.001, 20_000);

/** How a lock nut was pulled. */
export const nutPulled = z.strictObject({
  nm,
  setNm: nm,
  wrench: plainId,
  name: words(80),
  adapter: z.strictObject({ mm: measure(0, 2000), deg: measure(0, 180) }).exactOptional(),
});
