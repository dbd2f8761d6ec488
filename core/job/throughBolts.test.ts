import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { planOf, setOf } from '../sheet/programmeOf';
import type { TightenAct } from '../tightening/tightenPlan';
import { crankHeldBy } from './crankHeld';
import { madeDead, openedFor, sheetIn } from './tests/intake';
import { stateOf } from './tests/story';

const run = { set: 'cylinder-base', instance: '1', programme: 'main' };

/** The first cylinder pulled as far as so many of its acts. */
function pulled(count: number) {
  const story = madeDead(openedFor(averilQ4, { kind: 'top-end' }, {}), averilQ4);
  story.act('run.prepared', { run, wrench: null, adapter: null, treatment: 'oil' });
  const set = setOf(averilQ4, run.set);
  const acts = (set && planOf(set, '1')?.acts) ?? [];
  const tell = ({ key, nm = 0 }: TightenAct, side?: 'near' | 'far') =>
    story.act('bolt.pulled', { key, pass: 1, nm, setNm: nm, wrench: 'w', ...(side && { side }) });
  for (const act of acts.slice(0, count)) {
    if (act.together) tell(act, 'near');
    tell(act, act.together ? 'far' : undefined);
  }
  const held = crankHeldBy(sheetIn(story, averilQ4), stateOf(story)).map(({ code }) => code);
  return { held, of: acts.length };
}

it('the crank is not turned while through bolts are pulled only in part', () => {
  const { of } = pulled(0);
  expect(pulled(0).held).toEqual([]);
  expect(pulled(3).held).toEqual(['through-bolts-slack']);
  expect(pulled(of - 1).held).toEqual(['through-bolts-slack']);
  expect(pulled(of).held).toEqual([]);
});
