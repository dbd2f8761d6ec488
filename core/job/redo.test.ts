import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { withValueAt } from '../sheet/pointer';
import { redoOf, type Redo } from './redo';
import { entryOf } from './kit/entryOf';
import { trayOf } from './tray';
import { jobSheet, lastAt, linersIn, stateOf } from './tests/story';

const stage2 = '/fastenedSets/0/programme/cycles/0/stages/1/values/0/value/figure';
const figure = (nm: number) => ({
  text: `${nm} N·m`,
  value: nm,
  unit: 'N·m',
  from: 'manual',
  source: 'p. 41',
});
const NOTHING: Redo = { bolts: [], marks: [], treatments: [], valves: [], liners: false };
const story = () => linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 10).pull('s2', 3);

describe('a job that goes on by other figures', () => {
  it('keeps all that stands under both', () => {
    const state = stateOf(story());
    const now = lastAt(story());
    expect(redoOf(jobSheet, jobSheet, state, now)).toEqual(NOTHING);
    const later = withValueAt(jobSheet, '/timing/drive', 'chain');
    expect(redoOf(jobSheet, later, state, now)).toEqual(NOTHING);
  });

  it('names the bolts pulled to a figure that has changed, and opens them again', () => {
    const state = stateOf(story());
    const now = lastAt(story());
    const higher = withValueAt(jobSheet, stage2, figure(90));
    expect(redoOf(jobSheet, higher, state, now).bolts).toEqual([
      { set: 'Head bolts', instance: '1', numbers: ['1', '2', '3'] },
    ]);
    const tighten = entryOf(trayOf(higher, state, now), { card: 'tighten' });
    expect(tighten?.reason).toMatchObject({ code: 'bolt-next', bolt: '1', stage: 2 });
  });

  it('names what was pulled with something else on the threads', () => {
    const state = stateOf(story());
    const now = lastAt(story());
    const paste = withValueAt(jobSheet, '/fastenedSets/0/groups/0/treatment/says', 'Paste');
    expect(redoOf(jobSheet, paste, state, now)).toMatchObject({
      treatments: [
        {
          set: 'Head bolts',
          instance: '1',
          was: 'Engine oil on thread and under head',
          now: 'Paste',
        },
      ],
    });
  });

  it('says when accepted liners are out by the other limits', () => {
    const state = stateOf(linersIn());
    const now = lastAt(linersIn());
    const low = { ...tolvane44.bore, text: '0.09 mm', value: 0.09 };
    const stricter = withValueAt(jobSheet, '/liners/low', low);
    expect(redoOf(jobSheet, stricter, state, now).liners).toBe(true);
  });
});
