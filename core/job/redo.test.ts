import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { withValueAt } from '../sheet/pointer';
import { redoOf, type Redo } from './redo';
import { trayOf } from './tray';
import { linersIn, stateOf } from './tests/told';

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
const now = (state: { log: readonly { at: string }[] }) => state.log.at(-1)?.at ?? '';

describe('a job that goes on by other figures', () => {
  it('keeps all that stands under both', () => {
    const state = stateOf(story());
    expect(redoOf(tolvane44, tolvane44, state, now(state))).toEqual(NOTHING);
    const later = withValueAt(tolvane44, '/timing/drive', 'chain');
    expect(redoOf(tolvane44, later, state, now(state))).toEqual(NOTHING);
  });

  it('names the bolts pulled to a figure that has changed, and opens them again', () => {
    const state = stateOf(story());
    const higher = withValueAt(tolvane44, stage2, figure(90));
    expect(redoOf(tolvane44, higher, state, now(state)).bolts).toEqual([
      { set: 'Head bolts', instance: '1', numbers: ['1', '2', '3'] },
    ]);
    const [, tighten] = trayOf(higher, state, now(state));
    expect(tighten?.reason).toMatchObject({ code: 'bolt-next', bolt: '1', stage: 2 });
  });

  it('names what was pulled with something else on the threads', () => {
    const state = stateOf(story());
    const paste = withValueAt(tolvane44, '/fastenedSets/0/groups/0/treatment/says', 'Paste');
    expect(redoOf(tolvane44, paste, state, now(state))).toMatchObject({
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
    const low = { ...tolvane44.bore, text: '0.09 mm', value: 0.09 };
    const stricter = withValueAt(tolvane44, '/liners/low', low);
    expect(redoOf(tolvane44, stricter, state, now(state)).liners).toBe(true);
  });
});
