import { z } from 'zod';
import { plainId, whole, words } from '../text';
import { listOf, oneOf, printedVolume, sourced } from './figures';

export const renew = listOf(
  z.strictObject({
    part: words(80),
    when: oneOf(['always', 'if-worn', 'by-measurement', 'matched-set']),
    count: whole(1, 1000).exactOptional(),
    fits: plainId
      .exactOptional()
      .describe('The fastened set that waits for it; or "liners", "valves".'),
    ...sourced,
  }),
  120,
);

export const fills = listOf(
  z.strictObject({
    what: words(60),
    amount: printedVolume.exactOptional(),
    grade: words(120),
  }),
  20,
);
