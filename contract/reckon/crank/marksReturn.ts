import { z } from 'zod';
import type { MarksReturnInput } from '@cardinex/core/crank/marksReturn';
import { id, list, whole, yesNo } from '../fields';
import { listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';

const teeth = whole(5, 500);

export const marksReturn = reckoning({
  summary: 'After how many turns of the crank the marks of a timing drive stand as they stood',
  input: z.strictObject({
    crankTeeth: teeth('Teeth of the crank’s wheel'),
    wheels: list(
      z.strictObject({ id: id('The wheel’s name, each once'), teeth: teeth('Its teeth') }),
      [0, 12],
      'Every other wheel that carries a mark, in any order',
    ),
    links: whole(10, 1000)('Links of the chain, or teeth of the belt').exactOptional(),
    marks: list(
      z.strictObject({
        id: id('The mark’s name, each once'),
        wheels: list(id('A wheel’s id'), [0, 12], 'Wheels it stands on besides the crank’s'),
        onLink: yesNo(
          'Whether it stands to a marked link as well; then links is needed',
        ).exactOptional(),
      }),
      [1, 20],
      'Marks to be looked for, in any order',
    ),
  }) satisfies z.ZodType<MarksReturnInput>,
  answer: z.strictObject({
    marks: listOf(
      z.strictObject({
        id: text('As it was sent'),
        turns: z.int().describe('Whole turns of the crank from one standing of it to the next'),
      }),
      'In the order sent',
    ),
    allTurns: z.int().describe('Whole turns until all of them stand together again'),
    reason,
  }),
  example: {
    crankTeeth: 21,
    wheels: [{ id: 'cam', teeth: 42 }],
    links: 118,
    marks: [
      { id: 'cam-line', wheels: ['cam'] },
      { id: 'bright-link', wheels: [], onLink: true },
    ],
  },
});
