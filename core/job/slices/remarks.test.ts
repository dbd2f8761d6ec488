import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { causeStanding } from '../cards/cause/card';
import { openedFor, refusalIn } from '../tests/intake';
import { added, after, jobOf, logOf, stateOf, wren } from '../tests/story';

const REMARK = { remark: 'r1', words: 'Chafed hose behind the filter.', card: 'strip' } as const;
const open = () => openedFor(tolvane44, { kind: 'gasket' }).act('remark.made', REMARK);

describe('a remark to see to later', () => {
  it('keeps the job from closing until it is seen to, or somebody answers for leaving it', () => {
    const story = open().act('cause.answered', { cause: 'worn-out' });
    const waiting = { status: 'waiting', reason: { code: 'remarks-open', count: 1 } };
    expect(causeStanding(true, stateOf(story))).toMatchObject(waiting);
    expect(causeStanding(false, stateOf(story)).status).toBe('done');
    expect(
      refusalIn(story, tolvane44, 'remark.accepted', { remark: 'r1', words: 'his own' }),
    ).toBeNull();
    story.act('remark.seen-to', { remark: 'r1', words: 'New hose.' });
    expect(causeStanding(true, stateOf(story)).status).toBe('done');
  });

  it('is closed once, by what was said first', () => {
    const story = open().act('remark.accepted', { remark: 'r1', words: 'The owner does it.' });
    expect(refusalIn(story, tolvane44, 'remark.seen-to', { remark: 'r1' })).toBe('unknown-remark');
    const [remark] = stateOf(story).remarks;
    expect(remark?.closed).toMatchObject({ how: 'accepted', words: 'The owner does it.' });
  });

  it('is open again once that is taken back', () => {
    const story = open().act('remark.seen-to', { remark: 'r1' });
    const { id } = logOf(story).at(-1) ?? { id: '' };
    story.act('struck', { target: id });
    expect(stateOf(story).remarks[0]?.closed).toBeNull();
  });

  it('that two saw to without knowing of each other stands as the first had it', () => {
    const story = open();
    const seenSeq = logOf(story).length;
    story.act('remark.seen-to', { remark: 'r1', words: 'Hose renewed.' });
    const late = after(
      story,
      'remark.seen-to',
      { remark: 'r1', words: 'Taped.' },
      { by: wren.id, seenSeq },
    );
    expect(added(jobOf(story), late).state.remarks[0]?.closed?.words).toBe('Hose renewed.');
  });

  it('is made by whoever sees it, once, and none that is not there is closed', () => {
    const story = open();
    expect(refusalIn(story, tolvane44, 'remark.made', REMARK)).toBe('unknown-remark');
    expect(
      refusalIn(
        story,
        tolvane44,
        'remark.made',
        { ...REMARK, remark: 'r2' },
        { role: 'inspector' },
      ),
    ).toBeNull();
    expect(refusalIn(story, tolvane44, 'remark.seen-to', { remark: 'r9' })).toBe('unknown-remark');
  });
});
