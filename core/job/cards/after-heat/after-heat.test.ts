import { preparedFor } from '../../run/preparedFor';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { DEMO_TOOL, demoTool } from '@cardinex/demo/tools';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { wrenchShown } from '../../../tools/wrench';
import { lockside } from '@cardinex/demo/shops';
import { checkSheet } from '../../../sheet/checks/checkSheet';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { planOf, setOf } from '../../../sheet/programmeOf';
import type { FastenedSet, SheetTorqueStage } from '../../../sheet/spec/fastening';
import { AFTER_HEAT, afterHeatFrom, afterHeatOf, heated } from './programme';
import { layeredOn } from '../../differences';
import { proposalsFor } from '../../proposeValue';
import { wrenchSettingNm } from '../../run/wrenchSetting';
import { runView } from '../../run/runView';
import { apart, cardIn, refusalIn, sheetIn } from '../../tests/intake';
import { stateOf, lastAt } from '../../tests/story';

const head = (sheet: EngineSheet): FastenedSet => {
  const set = setOf(sheet, 'head');
  if (!set) throw new Error('no head');
  return set;
};
const run = { set: 'head', instance: '1', programme: AFTER_HEAT };

/** A gasket job with the head pulled down and the valves set aside. */
function headDown(): Storyteller {
  const story = apart(tolvane44, { kind: 'gasket' });
  for (const card of ['stand-out', 'covering'] as const)
    story.act('card.left-out', { card, words: 'done' });
  for (const [bore, mm] of [0.06, 0.08, 0.1, 0.11].entries()) story.liner(String(bore + 1), mm, mm);
  return story
    .act('liners.accepted', {})
    .prepare(DEMO_TOOL.wrench5)
    .pull('s1', 10)
    .pull('s2', 10)
    .pull('s3', 10);
}

const viewOf = (story: Storyteller) => {
  const state = stateOf(story);
  const view = runView(sheetIn(story, tolvane44), run, state.runs, lastAt(story));
  if (!view) throw new Error('no run');
  return view;
};

describe('pulled again after heat', () => {
  it('one by one: each is eased and pulled before the next is touched', () => {
    const acts = planOf(heated(head(tolvane44)), '1')?.acts ?? [];
    expect(acts.map(({ kind }) => kind)).toEqual(
      Array.from({ length: 20 }, (_, at) => (at % 2 === 0 ? 'slacken' : 'torque')),
    );
    for (let at = 0; at < acts.length; at += 2)
      expect(acts[at]?.fastener).toBe(acts[at + 1]?.fastener);
    const last = head(tolvane44).programme?.cycles[0]?.stages.at(-1) as SheetTorqueStage;
    expect(acts.filter((_, at) => at % 2 === 0).map(({ fastener }) => fastener)).toEqual(
      last.order,
    );
  });

  it('is asked for by those sheets alone that say so, never of what stands by its angle', () => {
    expect(
      demoSheets.filter((sheet) => sheet.fastenedSets?.some(afterHeatOf)).map(({ id }) => id),
    ).toEqual(['tolvane-44']);
    const stretched = {
      ...head(quillon5c),
      afterwards: head(tolvane44).afterwards ?? [],
    };
    expect(afterHeatOf(stretched)).toBeNull();
  });

  it.each([
    ['pull-hot', ['torque'], 0],
    ['pull-without-easing', ['torque'], 240],
    ['check-only', ['check'], 240],
  ] as const)('%s', (method, kinds, minutes) => {
    const [asked] = head(tolvane44).afterwards ?? [];
    if (!asked) throw new Error('nothing asked');
    const set = { ...head(tolvane44), afterwards: [{ ...asked, method }] };
    const stages = heated(set).programme?.cycles[0]?.stages ?? [];
    expect(stages.map(({ kind }) => kind)).toEqual(kinds);
    const heat = { at: '2026-03-02T08:00:00Z', by: 'x', words: 'an hour' };
    const from = Date.parse(afterHeatFrom({ ...asked, method }, heat));
    expect((from - Date.parse(heat.at)) / 60_000).toBe(minutes);
  });

  it('waits for heat, then until it has cooled, then keeps the job open until it is done', () => {
    const story = headDown();
    for (const valve of tolvane44.overhead?.valves ?? []) void valve;
    const card = () => cardIn(story, tolvane44, 'after-heat');
    expect(card().status).toBe('barred');
    const prepared = { run, wrench: null, adapter: null, treatment: 'oil' };
    expect(refusalIn(story, tolvane44, 'run.prepared', prepared)).not.toBeNull();
  });

  it('is pulled only once it has cooled', () => {
    const story = headDown();
    const wrench = wrenchShown(demoTool(lockside, DEMO_TOOL.wrench5, new Date('2026-03-02')));
    const now = viewOf(story);
    expect(now.next?.act.kind).toBe('slacken');
    story.act('heat.reached', { words: 'an hour at half load' });
    const prepared = { run, wrench, adapter: null, treatment: 'oil' };
    story.act('run.prepared', prepared);
    for (let n = 0; n < 20; n += 1) {
      const { next, run: told } = viewOf(story);
      const ready = preparedFor(told, undefined);
      if (!next || !ready) break;
      const { key, kind, nm = 0 } = next.act;
      if (kind === 'slacken') story.act('bolt.eased', { key, pass: 1 });
      else {
        const setNm = wrenchSettingNm(nm, ready);
        story.act('bolt.pulled', { key, pass: 1, nm, setNm, wrench: wrench?.id ?? '' });
      }
    }
    expect(viewOf(story).current).toBeNull();
  });
});

describe('a value the manual does not print', () => {
  /** The Tolvane's head with its last two torques missing. */
  const silent = (): EngineSheet => {
    const set = head(tolvane44);
    const cycles = (set.programme?.cycles ?? []).map((cycle) => ({
      ...cycle,
      stages: cycle.stages.map((stage, at) =>
        stage.kind === 'torque' && at > 0
          ? { ...stage, values: [{ value: { missing: 'see the bolt maker' } }] }
          : stage,
      ),
    }));
    const changed = { ...set, programme: { ...set.programme, cycles } } as FastenedSet;
    return {
      ...tolvane44,
      fastenedSets: (tolvane44.fastenedSets ?? []).map((fastened) =>
        fastened.id === 'head' ? changed : fastened,
      ),
    };
  };

  it('is proposed from thread, grade and treatment, rising to the last, marked as assumed', () => {
    const proposals = proposalsFor(head(silent()));
    expect(proposals).toHaveLength(2);
    const [middle, last] = proposals;
    expect(middle?.found.nm).toBeLessThan(last?.found.nm ?? 0);
    expect(last?.figure).toMatchObject({ from: 'assumed', unit: 'N·m', value: last?.found.nm });
    expect(last?.found.shareOfYield).toBeLessThan(0.75);
  });

  it('taken as a deviation it makes the programme whole', () => {
    const sheet = silent();
    const layer = {
      id: 'assumed-head',
      kind: 'deviation' as const,
      title: 'assumed',
      points: proposalsFor(head(sheet)).map(({ at, figure }) => ({ at, to: { figure } })),
      actId: 'a',
      by: 'x',
      at: '2026-03-02T08:00:00Z',
    };
    const layered = layeredOn(sheet, { layers: [layer], decided: {} });
    expect(layered.differences.map(({ standing }) => standing)).toEqual(['deviates', 'deviates']);
    const acts = planOf(head(layered.sheet), '1')?.acts ?? [];
    expect(acts.every(({ nm }) => (nm ?? 0) > 0)).toBe(true);
    expect(checkSheet(layered.sheet).filter(({ bars }) => bars)).toEqual([]);
  });

  it('is not proposed where the sheet says nothing of grade, or prints a value', () => {
    expect(proposalsFor(head(tolvane44))).toEqual([]);
    const set = head(silent());
    const gradeless = set.groups.map(({ grade: _none, ...group }) => group);
    expect(proposalsFor({ ...set, groups: gradeless })).toEqual([]);
    expect(proposalsFor(head(castryV8))).toEqual([]);
  });
});
