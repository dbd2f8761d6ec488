import { settingItems } from '../../../sheet/settingItems';
import { headOn } from '@cardinex/demo/intakeStory';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { dunmere2s5 } from '@cardinex/demo/sheets/dunmere2s5';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { overheadFor } from '../../../sheet/barringOf';
import { settable } from '../../../overhead/settable';
import { tappetShims } from '../../../overhead/tappetShims';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { scopedSheet } from '../../scope';
import { openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { after, stateOf, jobOf } from '../../tests/story';
import type { ActData, ActType } from '../../act';
import { decide } from '../../decide';
import { hotShifts } from '../recheck/hotShifts';
import { notHere } from './notHere';
import { otherTurn } from './otherTurn';
import { asksFound } from './item';
import { overheadView, shiftLearnt, type OverheadView } from './view';

const ready = (sheet: EngineSheet, standOutMm?: number): Storyteller =>
  headOn(openedFor(sheet, { kind: 'gasket' }), sheet, standOutMm);
const viewIn = (story: Storyteller, sheet: EngineSheet): OverheadView => {
  const state = stateOf(story);
  const view = overheadView(sheetIn(story, sheet), state.valves, state.crank, 'cold');
  if (!view) throw new Error('no view');
  return view;
};
describe('as found', () => {
  it('is asked but on a head just built new, and there where shims are chosen from it', () => {
    const asked = (sheet: EngineSheet, kind: 'gasket' | 'top-end') =>
      asksFound(sheetIn(openedFor(sheet, { kind }), sheet));
    expect([asked(tolvane44, 'gasket'), asked(tolvane44, 'top-end')]).toEqual([true, false]);
    expect(asked(orrin6t, 'top-end')).toBe(orrin6t.overhead?.adjust === 'shim');
  });
});

const printed = (mm: number) => ({ text: String(mm), unit: 'mm' as const });
/** Does everything the plan asks at its next position; every act of it is accepted. */
const doPosition = (story: Storyteller, sheet: EngineSheet): void => {
  const tell = <T extends ActType>(type: T, data: ActData[T]): void => {
    expect([type, data, refusalIn(story, sheet, type, data)]).toEqual([type, data, null]);
    story.act(type, data);
  };
  const { next } = viewIn(story, sheet);
  if (!next) throw new Error('nothing next');
  tell('crank.stood', { atDeg: next.atDeg, seen: 'as it should be', words: 'test' });
  const item = (id: string) => viewIn(story, sheet).items.find((entry) => entry.item.id === id);
  for (const { id } of next.set) {
    for (let one = item(id); one && !one.done; one = item(id)) {
      const { bridgeNext, setBy, target } = one;
      if (bridgeNext) tell('bridge.seen', { valve: id, step: bridgeNext, found: 'good' });
      else if (setBy === 'height') tell('screw.set', { item: id, heightMm: 76.4 });
      else if (setBy === 'turn')
        tell('screw.set', { item: id, turns: one.item.kind === 'injector' ? 0.25 : 0.5 });
      else {
        const mm = target?.aimMm ?? 0;
        for (const reading of ['found', 'set', 'locked'] as const)
          tell('valve.read', { valve: id, reading, mm, printed: printed(mm) });
      }
    }
  }
};

describe('what is set on a job', () => {
  it('is the whole of the overhead, cylinder by cylinder of those whose gaps are lost', () => {
    const kinds = (sheet: EngineSheet) => {
      const items = settingItems(scopedSheet(sheet, { kind: 'gasket' }));
      return [...new Set(items.map(({ kind }) => kind))];
    };
    expect(kinds(orrin6t)).toEqual(['intake', 'exhaust', 'injector', 'brake']);
    expect(kinds(dunmere2s5)).toEqual(['exhaust', 'injector']);
    const one = { kind: 'one-cylinder', only: '3' } as const;
    const [shared, own] = [orrin6t, hesperM6Right].map((sheet) =>
      settingItems(scopedSheet(sheet, one)).map(({ cylinder }) => cylinder),
    );
    // One shaft over six cylinders takes the gaps of all with it; one for each takes its own.
    expect(new Set(shared).size).toBe(6);
    expect([...new Set(own)]).toEqual([3]);
  });
});

it('every engine’s overhead comes to its end, each act accepted, nothing set where it may not be', () => {
  for (const [sheet, standOut] of [
    [orrin6t, -0.09],
    [dunmere2s5, -0.02],
    [castryV8, undefined],
  ] as const) {
    const story = ready(sheet, standOut);
    for (
      let n = 0;
      n < 30 && viewIn(story, sheet).doneCount < viewIn(story, sheet).items.length;
      n += 1
    ) {
      const { coverNext, next } = viewIn(story, sheet);
      if (coverNext) {
        expect(refusalIn(story, sheet, 'cover.on', { cover: coverNext })).toBeNull();
        story.act('cover.on', { cover: coverNext });
        continue;
      }
      const overhead = overheadFor(sheet, settingItems(sheetIn(story, sheet)));
      if (typeof overhead === 'string' || !next) throw new Error('no plan');
      const itemsHere = settable({ ...overhead, atDeg: next.atDeg }).items;
      for (const { id } of next.set)
        expect(itemsHere.find((entry) => entry.id === id)?.verdict).toBe('settable');
      doPosition(story, sheet);
    }
    const { doneCount, items } = viewIn(story, sheet);
    expect([sheet.id, doneCount]).toEqual([sheet.id, items.length]);
  }
});

describe('a bridge', () => {
  it('is equalised and tried before its gap is read, and tried again after', () => {
    const story = ready(dunmere2s5, -0.02);
    const next = viewIn(story, dunmere2s5).next;
    const valve = next?.set.find(({ id }) => id.startsWith('E'))?.id ?? '';
    story.act('crank.stood', { atDeg: next?.atDeg ?? 0, seen: 'x' });
    const step = () =>
      viewIn(story, dunmere2s5).items.find(({ item }) => item.id === valve)?.bridgeNext;
    expect(step()).toBe('equalised');
    story.act('bridge.seen', { valve, step: 'equalised', found: 'good' });
    expect(step()).toBe('before');
    story.act('bridge.seen', { valve, step: 'before', found: 'turns' });
    expect(step()).toBe('before');
    story.act('bridge.seen', { valve, step: 'before', found: 'good' });
    expect(step()).toBeNull();
    for (const reading of ['found', 'set', 'locked'] as const)
      story.act('valve.read', { valve, reading, mm: 0.4, printed: printed(0.4) });
    expect(step()).toBe('after');
    const done = () => viewIn(story, dunmere2s5).items.find(({ item }) => item.id === valve)?.done;
    expect(done()).toBe(false);
    story.act('bridge.seen', { valve, step: 'after', found: 'good' });
    expect(done()).toBe(true);
  });
});

describe('a cover', () => {
  it('waits for what it closes the way to, and what comes after waits for it', () => {
    const story = ready(orrin6t, -0.09);
    expect(refusalIn(story, orrin6t, 'cover.on', { cover: 'brake-housing' })).toBe('cover-waits');
    expect(refusalIn(story, orrin6t, 'cover.on', { cover: 'none' })).toBe('unknown-cover');
    story.act('crank.stood', { atDeg: 0, seen: 'x' });
    const brake = { valve: 'brake-1', reading: 'found' as const, mm: 2.2, printed: printed(2.2) };
    expect(refusalIn(story, orrin6t, 'valve.read', brake)).toBe('cover-first');
  });
});

describe('the crank', () => {
  it('turned past its stop sets nothing until it stands there again', () => {
    const story = ready(tolvane44, 0.07);
    story.act('crank.stood', { atDeg: 0, seen: 'x' });
    const read = { valve: 'E1', reading: 'found' as const, mm: 0.4, printed: printed(0.4) };
    expect(refusalIn(story, tolvane44, 'valve.read', read)).toBeNull();
    story.act('crank.overshot', {});
    expect(refusalIn(story, tolvane44, 'valve.read', read)).toBe('crank-unknown');
    story.act('crank.stood', { atDeg: 0, seen: 'x' });
    expect(refusalIn(story, tolvane44, 'valve.read', read)).toBeNull();
  });

  it('one turn out is refused: the valve asked for may not be set there', () => {
    const story = ready(tolvane44, 0.07).act('crank.stood', { atDeg: 360, seen: 'x' });
    const read = { valve: 'E1', reading: 'found' as const, mm: 0.4, printed: printed(0.4) };
    expect(refusalIn(story, tolvane44, 'valve.read', read)).toBe('not-settable-here');
  });

  it('one turn out is told by who rocks, and the plan goes on from there', () => {
    const story = ready(tolvane44, 0.07);
    const other = otherTurn(viewIn(story, tolvane44));
    expect(other).toEqual({ atDeg: 360, rocking: [1] });
    story.act('crank.stood', { atDeg: other?.atDeg ?? 0, seen: 'cylinder 1 rocking' });
    const view = viewIn(story, tolvane44);
    expect([view.next?.atDeg, view.barDeg]).toEqual([360, 0]);
    // On a two-stroke each top is the firing one.
    expect(otherTurn(viewIn(ready(dunmere2s5, -0.02), dunmere2s5))).toBeNull();
  });

  it('a valve asked for where it may not be set is answered with why, and where it comes', () => {
    const story = ready(tolvane44, 0.07).act('crank.stood', { atDeg: 0, seen: 'x' });
    const view = viewIn(story, tolvane44);
    const [first, second] = view.plan.positions;
    const left = view.items.filter(({ item }) => !first?.set.some(({ id }) => id === item.id));
    expect(left.length).toBeGreaterThan(0);
    for (const { item } of left) {
      const answer = notHere(view, item.id);
      expect(answer?.found.verdict).not.toBe('settable');
      expect(answer?.comes).toEqual({ position: 2, barDeg: second?.atDeg });
    }
    expect(notHere(view, 'E9')).toBeNull();

    // What needs its housing on first says so.
    const brakes = ready(orrin6t, -0.09).act('crank.stood', { atDeg: 0, seen: 'x' });
    const [brake] = viewIn(brakes, orrin6t).items.filter(({ item }) => item.kind === 'brake');
    const waits = notHere(viewIn(brakes, orrin6t), brake?.item.id ?? '');
    expect(waits).toMatchObject({ comes: null, cover: brake?.item.after });
    expect(waits?.cover).not.toBeNull();
  });

  it('waits for hydraulic tappets, unless somebody says why not', () => {
    const story = ready(castryV8);
    const next = viewIn(story, castryV8).next;
    story.act('crank.stood', { atDeg: next?.atDeg ?? 0, seen: 'x' });
    expect(viewIn(story, castryV8).waitUntil).toBeNull();
    story.act('screw.set', { item: next?.set[0]?.id ?? '', turns: 0.5 });
    const at = ((next?.atDeg ?? 0) + 90) % 720;
    const stood = { atDeg: at, seen: 'x' };
    expect(refusalIn(story, castryV8, 'crank.stood', stood)).toBe('still-to-wait');
    expect(refusalIn(story, castryV8, 'crank.stood', { ...stood, words: 'bled' })).toBeNull();
    const later = after(story, 'crank.stood', stood, { minutes: 31 });
    const member = { id: later.by, role: 'mechanic' as const, fresh: false };
    const context = { now: later.at, sheet: castryV8, member };
    expect(decide(jobOf(story), later, context).ok).toBe(true);
  });
});

describe('going round another way', () => {
  it('keeps what is done and plans the rest from where the crank stands', () => {
    const story = ready(tolvane44, 0.07);
    doPosition(story, tolvane44);
    const done = viewIn(story, tolvane44).doneCount;
    expect(done).toBe(4);
    story.act('barring.chosen', { school: 'firing-order', startDeg: 0 });
    const view = viewIn(story, tolvane44);
    expect(view.doneCount).toBe(done);
    expect(view.plan.positions.map(({ atDeg }) => atDeg)).toEqual([180, 360, 540]);
    expect(view.plan.positions.flatMap(({ set }) => set.map(({ id }) => id)).sort()).toEqual([
      'E2',
      'E4',
      'I3',
      'I4',
    ]);
    // What is done on the way stays in the plan: its positions do not move under one's hands.
    doPosition(story, tolvane44);
    expect(viewIn(story, tolvane44).plan.positions).toHaveLength(3);
  });

  it('what one mark cannot reach is gone round for afterwards', () => {
    const story = ready(dunmere2s5, -0.02);
    story.act('barring.chosen', { school: 'first-mark', startDeg: 0 });
    const [first, left] = [viewIn(story, dunmere2s5), () => viewIn(story, dunmere2s5)];
    expect(first.plan.positions).toHaveLength(1);
    expect(first.plan.neverSettable.length).toBeGreaterThan(0);
    for (let n = 0; n < 20 && left().next; n += 1) doPosition(story, dunmere2s5);
    expect(left().doneCount).toBe(left().items.length);
  });

  it('is refused where this engine cannot be gone round so', () => {
    const story = ready(dunmere2s5, -0.02);
    const by = (school: 'companion' | 'firing-order') =>
      refusalIn(story, dunmere2s5, 'barring.chosen', { school, startDeg: 0 });
    expect([by('companion'), by('firing-order')]).toEqual(['school-not-here', null]);
  });
});

describe('a code', () => {
  const story = (): Storyteller => ready(orrin6t, -0.09);
  const code = (text: string, cylinder = 2) => ({ cylinder, code: text });
  it('has the sheet’s characters, as many as the sheet says, and belongs to one injector', () => {
    const retold = story().act('injector.coded', code('AB23CD', 1));
    expect(refusalIn(retold, orrin6t, 'injector.coded', code('AB23CE'))).toBeNull();
    expect(refusalIn(retold, orrin6t, 'injector.coded', code('AB23C'))).toBe('code-length');
    expect(refusalIn(retold, orrin6t, 'injector.coded', code('AB23C0'))).toBe('code-letter');
    expect(refusalIn(retold, orrin6t, 'injector.coded', code('AB23CD'))).toBe('code-twice');
    expect(refusalIn(retold, orrin6t, 'injector.coded', code('AB23CD', 1))).toBeNull();
    expect(refusalIn(retold, orrin6t, 'injector.coded', code('AB23CE', 9))).toBe(
      'unknown-cylinder',
    );
    expect(refusalIn(story(), tolvane44, 'injector.coded', code('AB23CE'))).not.toBeNull();
  });
});

it('a screw is turned by what the sheet asks, and not otherwise', () => {
  const story = ready(dunmere2s5, -0.02);
  const at = viewIn(story, dunmere2s5).plan.positions.find(({ set }) =>
    set.some(({ id }) => id === 'injector-1'),
  );
  story.act('crank.stood', { atDeg: at?.atDeg ?? 0, seen: 'x' });
  const set = (more: object) =>
    refusalIn(story, dunmere2s5, 'screw.set', { item: 'injector-1', ...more });
  expect(set({ turns: 0.25 })).toBeNull();
  expect(set({ turns: 0.5 })).toBe('not-this-way');
  expect(set({ heightMm: 70 })).toBe('not-this-way');
  expect(refusalIn(story, dunmere2s5, 'screw.set', { item: 'E1', turns: 0.25 })).toBe(
    'unknown-valve',
  );
});

it('what locking did to two of a kind is told for the third', () => {
  const story = ready(tolvane44, 0.07).act('crank.stood', { atDeg: 0, seen: 'x' });
  const set = (valve: string, mm: number, locked: number): void => {
    for (const [reading, value] of [
      ['found', mm],
      ['set', mm],
      ['locked', locked],
    ] as const)
      story.act('valve.read', { valve, reading, mm: value, printed: printed(value) });
  };
  const learnt = () => {
    const view = viewIn(story, tolvane44);
    const third = view.items.find(({ item }) => item.id === 'E4');
    if (!third?.target) throw new Error('no E4');
    return shiftLearnt(view, third, third.target);
  };
  set('E1', 0.4, 0.42);
  expect(learnt()).toBeNull();
  set('E3', 0.4, 0.42);
  expect(learnt()).toMatchObject({ shiftMm: expect.closeTo(0.02, 9), from: 2 });
  // Inlets tell nothing of exhausts.
  set('I1', 0.3, 0.35);
  expect(learnt()?.from).toBe(2);
});

describe('gaps changed by shims', () => {
  const story = (): Storyteller => {
    const retold = ready(quillon5c);
    for (let n = 0; n < 6 && viewIn(retold, quillon5c).measuring; n += 1) {
      const { next } = viewIn(retold, quillon5c);
      retold.act('crank.stood', { atDeg: next?.atDeg ?? 0, seen: 'x' });
      for (const { id } of next?.set ?? []) {
        // E1 is tight, E2 loose by as much; the others are as they should be.
        const aim = id.startsWith('E') ? 0.4 : 0.2;
        const mm = id === 'E1' ? aim - 0.1 : id === 'E2' ? aim + 0.1 : aim;
        retold.act('valve.read', { valve: id, reading: 'found', mm, printed: printed(mm) });
      }
    }
    return retold;
  };

  it('are all found first; then the shims of those that are out are asked for', () => {
    const told = story();
    const view = viewIn(told, quillon5c);
    expect([view.measuring, view.next, view.doneCount]).toEqual([false, null, 8]);
    expect(view.shims).toEqual({ unmeasured: ['E1', 'E2'], input: null });
  });

  it('change places before any is bought, and are read again over what went in', () => {
    const told = story();
    for (const [valve, mm] of [
      ['E1', 3.6],
      ['E2', 3.5],
    ] as const)
      told.act('shim.read', { valve, mm, printed: printed(mm) });
    const input = viewIn(told, quillon5c).shims?.input;
    if (!input) throw new Error('not asked');
    const found = tappetShims(input);
    expect(found.shims.map(({ id, from }) => [id, from])).toEqual([
      ['E1', 'E2'],
      ['E2', 'E1'],
    ]);
    const take = (mm: number) =>
      refusalIn(told, quillon5c, 'shims.chosen', { shims: [{ valve: 'E1', mm, from: 'E2' }] });
    expect([take(3.5), take(3.3)]).toEqual([null, 'shim-leaves']);
    told.act('shims.chosen', {
      shims: found.shims.map(({ id, shimMm, from }) => ({
        valve: id,
        mm: shimMm,
        ...(from !== null && { from }),
      })),
    });
    const after = viewIn(told, quillon5c);
    expect([after.shims, after.doneCount]).toEqual([null, 8]);
    for (const valve of ['E1', 'E2']) {
      const at = after.plan.positions.find(({ set }) => set.some(({ id }) => id === valve));
      told.act('crank.stood', { atDeg: at?.atDeg ?? 0, seen: 'x' });
      const read = { valve, reading: 'set' as const, mm: 0.4, printed: printed(0.4) };
      expect(refusalIn(told, quillon5c, 'valve.read', read)).toBeNull();
      told.act('valve.read', read);
    }
    expect(viewIn(told, quillon5c).doneCount).toBe(10);
  });
});

describe('gaps felt once more after two turns', () => {
  const allSet = (): Storyteller => {
    const story = ready(dunmere2s5, -0.02);
    while (viewIn(story, dunmere2s5).next) doPosition(story, dunmere2s5);
    return story;
  };
  const refusal = (story: Storyteller, data: ActData['valve.read']) =>
    refusalIn(story, dunmere2s5, 'valve.read', data);

  it('are due once all is set, and not before', () => {
    const story = ready(dunmere2s5, -0.02);
    expect(viewIn(story, dunmere2s5).again).toBeNull();
    expect(refusalIn(story, dunmere2s5, 'gaps.turned', {})).toBe('step-first');
    expect(viewIn(allSet(), dunmere2s5).again).toBe('due');
  });

  it('go round once more; one that moved is set anew, and is done once it is locked', () => {
    const story = allSet();
    const again = { valve: 'E1', reading: 'again', mm: 0.4, printed: printed(0.4) } as const;
    expect(refusal(story, again)).toBe('step-first');
    story.act('gaps.turned', {});
    const view = viewIn(story, dunmere2s5);
    expect([view.again, view.doneCount]).toEqual(['going', 5]);
    expect(view.next).not.toBeNull();
    while (viewIn(story, dunmere2s5).next) {
      const { next, items } = viewIn(story, dunmere2s5);
      story.act('crank.stood', { atDeg: next?.atDeg ?? 0, seen: 'as it should be' });
      for (const { id } of next?.set ?? []) {
        const { target } = items.find(({ item }) => item.id === id) ?? {};
        const aim = target?.aimMm ?? 0;
        const read = (reading: 'again' | 'set' | 'locked', mm: number) =>
          story.act('valve.read', { valve: id, reading, mm, printed: printed(mm) });
        if (id !== 'E1') read('again', aim);
        else {
          read('again', aim + 0.1);
          const moved = viewIn(story, dunmere2s5).items.find(({ item }) => item.id === id);
          expect([moved?.verdict.again, moved?.done]).toEqual(['loose', false]);
          read('set', aim);
          read('locked', aim);
        }
      }
    }
    const end = viewIn(story, dunmere2s5);
    expect([end.again, end.doneCount]).toEqual(['going', 10]);
  });

  it('are left out with a reason', () => {
    const story = allSet().act('gaps.turned', { leftOut: 'head comes off again tomorrow' });
    const view = viewIn(story, dunmere2s5);
    expect([view.again, view.doneCount]).toEqual([null, 10]);
  });

  it('are not asked for where nothing locks', () => {
    const view = viewIn(ready(castryV8), castryV8);
    expect(view.again).toBeNull();
  });
});

describe('a recheck hot', () => {
  it('holds what heat did to each gap against its fellows', () => {
    const story = ready(orrin6t, -0.09);
    for (const { id } of orrin6t.overhead?.valves ?? []) {
      const isOdd = id === 'E4';
      const read = (reading: 'locked' | 'hot', mm: number) =>
        story.act('valve.read', { valve: id, reading, mm, printed: printed(mm) });
      read('locked', 0.4);
      read('hot', isOdd ? 0.24 : 0.36);
    }
    const { shifts, found } = hotShifts(viewIn(story, orrin6t));
    expect(shifts).toHaveLength(12);
    expect(shifts[0]?.shiftMm).toBeCloseTo(-0.04, 9);
    const odd = found?.items.filter(({ verdict }) => verdict === 'odd').map(({ id }) => id);
    expect(odd).toEqual(['E4']);
    expect(hotShifts(viewIn(ready(castryV8), castryV8))).toEqual({ shifts: [], found: null });
  });
});

describe('push rods that go in only at their own position', () => {
  it('each goes in where its valve is shut, before its gap is read, and is felt in its pocket', () => {
    const story = ready(averilQ4);
    const item = (id: string) =>
      viewIn(story, averilQ4).items.find((entry) => entry.item.id === id);
    const next = viewIn(story, averilQ4).next;
    const fitted = next?.set.map(({ id }) => id) ?? [];
    const there = viewIn(story, averilQ4)
      .items.map((each) => each.item.id)
      .find((id) => !fitted.includes(id));
    story.act('crank.stood', { atDeg: next?.atDeg ?? 0, seen: 'as it should be' });
    const seen = (valve: string) => ({ valve, found: 'seated' }) as const;
    expect(refusalIn(story, averilQ4, 'push-rod.seen', seen(there ?? ''))).toBe(
      'not-settable-here',
    );
    const [valve = ''] = fitted;
    expect(item(valve)?.rodNext).toBe('to-put-in');
    story.act('push-rod.seen', { valve, found: 'off' });
    expect(item(valve)?.rodNext).toBe('off');
    story.act('push-rod.seen', seen(valve));
    expect([item(valve)?.rodNext, item(valve)?.done]).toEqual([null, false]);
  });

  it('are no acts where they go in before the rockers', () => {
    expect(viewIn(ready(dunmere2s5, -0.02), dunmere2s5).items[0]?.rodNext).toBeNull();
  });
});
