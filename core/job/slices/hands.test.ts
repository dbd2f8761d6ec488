import { headOn } from '@cardinex/demo/intakeStory';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { holdsOnTurning } from '../mayTurn';
import { fold } from '../evolve';
import { openedFor, refusalIn, sheetIn } from '../tests/intake';
import { logOf, stateOf, tobin, wren } from '../tests/story';

const ready = (): Storyteller =>
  headOn(openedFor(tolvane44, { kind: 'gasket' }), tolvane44, 0.07).act('hands.in', {
    where: 'under cylinder 3',
  });
const holds = (story: Storyteller) =>
  holdsOnTurning(sheetIn(story, tolvane44), stateOf(story)).map(({ code }) => code);
const turned = (story: Storyteller) =>
  refusalIn(story, tolvane44, 'crank.stood', { atDeg: 0, seen: 'both rock' });

describe('hands that are in', () => {
  it('hold the crank, for whoever wants to turn it, until they are out', () => {
    const story = ready();
    expect([holds(story), turned(story)]).toEqual([['hands-in'], 'crank-held']);
    story.act('hands.out', { whose: tobin.id });
    expect([holds(story), turned(story)]).toEqual([[], null]);
  });

  it('are said once for each person, and out only where they were in', () => {
    const story = ready().act('hands.in', { where: 'at the timing case' });
    expect(stateOf(story).hands).toMatchObject([{ by: tobin.id, where: 'at the timing case' }]);
    expect(refusalIn(story, tolvane44, 'hands.out', { whose: wren.id })).toBe('hands-not-in');
    expect(refusalIn(story, tolvane44, 'hands.out', { whose: tobin.id })).toBeNull();
  });

  it('are several people’s, each seen out by name', () => {
    const log = logOf(ready());
    const last = log.at(-1);
    if (last?.type !== 'hands.in') throw new Error('no hands');
    const other = { ...last, id: `${last.id}-2`, by: wren.id, seq: last.seq + 1 };
    const { state } = fold([...log, other]);
    expect(state.hands.map(({ by }) => by)).toEqual([tobin.id, wren.id]);
    const out = {
      ...last,
      id: `${last.id}-3`,
      type: 'hands.out' as const,
      data: { whose: tobin.id },
      seq: last.seq + 2,
    };
    expect(fold([...log, other, out]).state.hands.map(({ by }) => by)).toEqual([wren.id]);
  });
});
