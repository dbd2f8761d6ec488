import { z } from 'zod';
import type { ReachInput } from '@cardinex/core/assembly/reachInput';
import { id, list } from '../fields';
import { figure, flag, listOf, text } from '../found';
import { reckoning } from '../reckoning';

const MOST_PIECES = 800;
const MOST_NAMED = 100;

const named = (description: string) =>
  list(id('The id of one of them'), [0, MOST_NAMED], description).exactOptional();

const because = (what: string) =>
  z.strictObject({
    id: text('The piece'),
    because: listOf(text('The id of a piece or of an act'), what),
  });

export const reach = reckoning({
  summary: 'What comes off an engine to get at something, and the order off and back on',
  input: z.strictObject({
    pieces: list(
      z.strictObject({
        id: id('The piece'),
        restsOn: named('Pieces without which it cannot stay: off before them, on after them'),
        shuts: named('Pieces and acts it closes the way to: off before them, on after them'),
        eases: named('Pieces that are loosened and stay when it comes off'),
        onAfter: named('Pieces that are on before it where both went; takes nothing off by itself'),
        offAfter: named('Pieces that are off before it where both go; takes nothing off by itself'),
      }),
      [1, MOST_PIECES],
      'Each once; of several that could be next the first of this list is',
    ),
    acts: list(
      z.strictObject({
        id: id('Something done at the engine: valves set, stand-out read'),
        needs: named('Pieces that are on while it is done'),
      }),
      [0, MOST_NAMED],
      'Each once; no id of a piece',
    ).exactOptional(),
    targets: list(
      id('A piece, which comes off, or an act, whose way is opened'),
      [1, MOST_NAMED],
      'What is to be got at, each once',
    ),
    keep: list(
      z.strictObject({
        id: id('A piece that goes as one with another; it neither shuts a target nor is one'),
        on: id('The piece it goes with'),
      }),
      [0, MOST_NAMED],
      'Pieces that are not taken off by themselves: a manifold lifted with its head',
    ).exactOptional(),
    ways: z
      .record(
        id('A target'),
        list(
          list(id('A piece'), [1, MOST_NAMED], 'One way: the pieces that are off by it'),
          [1, 8],
          'Ways to that target, of which one opens it in place of all that shut it; one alone is chosen',
        ),
      )
      .describe(
        'By target; of several ways the one with the fewest pieces off, the first of equals',
      )
      .exactOptional(),
  }) satisfies z.ZodType<ReachInput>,
  answer: z.strictObject({
    off: listOf(
      because(
        'The pieces off that it rests on or shuts, then the targeted acts it shuts; none of a target',
      ),
      'What comes off, in the order of `pieces`',
    ),
    eased: listOf(
      because('The pieces off that ease it'),
      'What is eased and stays, in the same order',
    ),
    order: listOf(text('A piece'), 'The pieces off, in the order they come off'),
    back: listOf(text('A piece'), 'The same in the order they go back on'),
    ways: listOf(
      z.strictObject({
        target: text('The target'),
        pieces: listOf(text('A piece'), 'The way'),
        off: figure('How many pieces come off in all by it'),
        chosen: flag('It is the one taken'),
      }),
      'Each way that is open to choose; where ways were given',
    ).exactOptional(),
    reason: text('What comes off and why, in a sentence'),
  }),
  example: {
    pieces: [
      { id: 'head' },
      { id: 'push-rods', restsOn: ['head'] },
      { id: 'rocker-shaft', restsOn: ['head'], shuts: ['push-rods'] },
      { id: 'rocker-cover', restsOn: ['rocker-shaft'], shuts: ['set-valves'] },
      { id: 'manifold', restsOn: ['head'], eases: ['exhaust-pipe'] },
      { id: 'exhaust-pipe' },
    ],
    acts: [{ id: 'set-valves', needs: ['rocker-shaft'] }],
    targets: ['head'],
  },
});
