import { z } from 'zod';
import { SET_MEMBERS } from '@cardinex/core/sheet/spec/kit';
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
    members: listOf(oneOf(SET_MEMBERS), 10)
      .exactOptional()
      .describe('What a matched set is made of: one of them condemned is all of them condemned.'),
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
