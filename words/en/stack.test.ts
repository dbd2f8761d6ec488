import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { stackDescription, stackReach, type StackReach } from './stack';

const reachIn = (...asked: Parameters<typeof stackReach>): StackReach => {
  const found = stackReach(...asked);
  if (!found) throw new Error('no order');
  return found;
};

const rows = (list: StackReach['off']) =>
  list.map(({ name, places, why }) => [name, places, why].filter(Boolean).join('; '));

describe('what has to come off to get at something, in words', () => {
  it('is counted by pieces, in order, each with what it comes off for', () => {
    const found = reachIn(tolvane44, ['oil-pump']);
    expect(found.title).toBe('To get at the oil pump and pick-up: 2 pieces come off.');
    expect(rows(found.off)).toEqual(['Sump; for the oil pump and pick-up', 'Oil pump and pick-up']);
    expect(rows(found.on)).toEqual(['Oil pump and pick-up', 'Sump']);
  });

  it('names which of it, where there are several', () => {
    const { off, eased } = reachIn(hesperM6Right, ['head/2']);
    expect(rows(off).slice(0, 2)).toEqual([
      'Head cover; 2; for the rocker oil pipe, the intake actuator, the rocker bracket and the head',
      'Rocker oil pipe; 2; for the rocker bracket',
    ]);
    expect(eased).toEqual(['Exhaust pipe']);
  });

  it('says what stays on and is no longer clamped', () => {
    expect(reachIn(averilQ4, ['cylinder/3']).unclamped).toEqual([
      'Cylinder 4',
      'Case half right',
      'Case half left',
    ]);
  });

  it('is usual where the sheet does not say, and called as such pieces are', () => {
    const { assembly: _assembly, ...bare } = tolvane44;
    expect(rows(reachIn(bare, ['rocker-shaft']).off)).toEqual([
      'Rocker cover; for the rocker shaft',
      'Rocker shaft',
    ]);
  });
});

describe('the picture read aloud', () => {
  it('names the pieces from the top, or what comes off in its order', () => {
    expect(stackDescription(tolvane44, [])).toMatch(
      /^From the top: breather hose, rocker cover, .* and crankshaft\.$/,
    );
    expect(stackDescription(tolvane44, ['main-cap/2'])).toBe(
      'To get at the main cap 2: Sump and Main cap 2 come off, in this order.',
    );
  });
});
