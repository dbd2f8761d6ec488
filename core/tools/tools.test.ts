import { decideTool } from './decideTool';
import { foldTool } from './foldTool';
import { toolStanding } from './standing';
import { leavesLeft, type ToolAct, type ToolActData, type ToolActType } from './tool';
import { wrenchShown } from './wrench';

let made = 0;
function act<T extends ToolActType>(type: T, data: ToolActData[T]): ToolAct {
  made += 1;
  return {
    id: `a${made}`,
    v: 1,
    type,
    at: `2026-03-0${Math.min(made, 9)}T08:00:00+00:00`,
    by: 'tobin',
    device: 'd',
    data,
  } as unknown as ToolAct;
}

const wrench: ToolActData['tool.entered'] = {
  name: 'Wrench 5',
  kind: 'torque-wrench',
  spec: { square: '1/2 in', lowNm: 40, highNm: 200, stepNm: 1, lengthMm: 510, reads: 'click' },
};
const set: ToolActData['tool.entered'] = {
  name: 'Feelers',
  kind: 'feelers',
  spec: { unit: 'mm', leavesMm: [0.4, 0.1, 0.2, 0.2] },
};
const checked = (dueOn: string, points = [{ setNm: 100, trueNm: 97 }]) =>
  act('tool.checked', { on: '2026-01-10', dueOn, points });

describe('a tool', () => {
  it('stands as its last check leaves it', () => {
    const log = [act('tool.entered', wrench)];
    const on = (date: string, ...more: ToolAct[]) => {
      const tool = foldTool('w5', [...log, ...more]);
      return tool && toolStanding(tool, date);
    };
    expect(on('2026-03-01')).toBe('unchecked');
    expect(on('2026-03-01', checked('2027-01-10'))).toBe('good');
    expect(on('2026-12-20', checked('2027-01-10'))).toBe('due-soon');
    expect(on('2027-01-10', checked('2027-01-10'))).toBe('due-soon');
    expect(on('2027-01-11', checked('2027-01-10'))).toBe('overdue');
    const off = act('tool.found-off', { words: 'Dropped; clicks early.' });
    expect(on('2026-03-01', checked('2027-01-10'), off)).toBe('off');
    expect(on('2026-03-01', off, checked('2027-01-10'))).toBe('good');
    expect(on('2026-03-01', act('tool.retired', { words: 'Worn out.' }))).toBe('retired');
  });

  it('is shown on an act with what it was found to give', () => {
    const tool = foldTool('w5', [act('tool.entered', wrench), checked('2027-01-10')]);
    expect(tool && wrenchShown(tool)).toEqual({
      id: 'w5',
      name: 'Wrench 5',
      lowNm: 40,
      highNm: 200,
      lengthMm: 510,
      stepNm: 1,
      calibration: { on: '2026-01-10', dueOn: '2027-01-10', points: [{ setNm: 100, trueNm: 97 }] },
    });
    const leaves = foldTool('f', [act('tool.entered', set)]);
    expect(leaves && wrenchShown(leaves)).toBeNull();
  });

  it('of leaves loses one of two alike, and has it again when it is replaced', () => {
    const log = [act('tool.entered', set), act('leaf.lost', { mm: 0.2 })];
    const left = (...more: ToolAct[]) => {
      const tool = foldTool('f', [...log, ...more]);
      return tool && leavesLeft(tool);
    };
    expect(left()).toEqual([0.1, 0.2, 0.4]);
    expect(left(act('leaf.lost', { mm: 0.2 }))).toEqual([0.1, 0.4]);
    expect(left(act('leaf.replaced', { mm: 0.2 }))).toEqual([0.1, 0.2, 0.2, 0.4]);
  });

  it.each([
    ['entered twice', act('tool.entered', wrench), 'entered-already'],
    ['made another kind', act('tool.corrected', { ...set, words: 'x' }), 'other-kind'],
    ['due before its check', checked('2026-01-09'), 'due-before-check'],
    [
      'checked at points that fall',
      checked('2027-01-10', [
        { setNm: 100, trueNm: 97 },
        { setNm: 80, trueNm: 78 },
      ]),
      'points-must-rise',
    ],
    ['bereft of a leaf it never had', act('leaf.lost', { mm: 0.5 }), 'no-such-leaf'],
    ['given back a leaf it has', act('leaf.replaced', { mm: 0.2 }), 'leaf-not-lost'],
  ])('is not %s', (_, wrong, refusal) => {
    const tool = foldTool('w5', [act('tool.entered', wrench)]);
    expect(decideTool(tool, wrong, 'mechanic')).toBe(refusal);
  });

  it('is not touched by one who looks on, before it is entered, or after it is retired', () => {
    const good = checked('2027-01-10');
    const retired = foldTool('w5', [
      act('tool.entered', wrench),
      act('tool.retired', { words: 'x' }),
    ]);
    expect(decideTool(null, good, 'mechanic')).toBe('no-such-tool');
    expect(decideTool(retired, good, 'mechanic')).toBe('retired');
    expect(decideTool(null, act('tool.entered', wrench), 'viewer')).toBe('may-not');
    const upside = { ...wrench, spec: { ...wrench.spec, lowNm: 300 } } as typeof wrench;
    expect(decideTool(null, act('tool.entered', upside), 'lead')).toBe('range-upside-down');
  });
});
