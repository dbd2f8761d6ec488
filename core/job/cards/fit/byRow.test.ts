import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { phasesOf } from '../../checks/handling';
import { checkOf } from '../../checks/allChecks';
import type { Scope } from '../../facts/scope';
import { sheetOfJob } from '../../sheetOfJob';
import { onlyToPutOn, type Walk } from '../../tests/walk';
import { fitCheckId } from './checks';

const ONE: Scope = { kind: 'pieces', also: ['throttle-body'] };

function rowsOf(walk: Walk, piece: string) {
  const sheet = sheetOfJob(castryV8, walk.state);
  const check = checkOf(sheet, fitCheckId(piece));
  if (!check) throw new Error(`${piece} does not go on`);
  const phases = phasesOf(check).filter(({ byRow }) => byRow);
  const hoses = phases.filter(({ steps }) => steps[0]?.startsWith('connection'));
  return { check, phases, hoses };
}

/** Everything of a piece that comes before its hoses. */
function madeFast(walk: Walk, piece: string): Walk {
  for (let seen = walk.stepOf(piece); seen; seen = walk.stepOf(piece)) {
    if (seen.step?.startsWith('connection')) return walk;
    walk.act('check.seen', seen);
  }
  throw new Error(`${piece} has no hoses`);
}

describe('a piece that goes on by the row', () => {
  it('has its hoses in one where it is alone, and one hose after the other where there are several', () => {
    const throttle = rowsOf(onlyToPutOn(castryV8, ONE), 'throttle-body');
    expect(throttle.check.items).toHaveLength(1);
    expect(throttle.hoses.map(({ steps }) => steps)).toEqual([['connection-1', 'connection-2']]);
    const risers = rowsOf(onlyToPutOn(castryV8, { kind: 'gasket' }), 'riser');
    expect(risers.check.items).toHaveLength(2);
    expect(risers.hoses.map(({ steps }) => steps)).toEqual([['connection-1'], ['connection-2']]);
  });

  it('is refused for what would be refused by itself: no hose before the piece is on', () => {
    const walk = onlyToPutOn(castryV8, ONE);
    const { check, hoses } = rowsOf(walk, 'throttle-body');
    const row = { check: check.id, items: check.items, steps: hoses[0]?.steps ?? [] };
    expect(walk.refusal('check.row-seen', row)).toBe('step-first');
    madeFast(walk, 'throttle-body');
    // Left out, the first is to be done before the second is.
    expect(walk.refusal('check.row-seen', { ...row, steps: ['connection-2'] })).toBe('step-first');
    walk.act('check.row-seen', row);
    expect(walk.entry('fit', 'throttle-body')?.status).toBe('done');
  });

  it('is never put on, sealed or proved by the row', () => {
    const { phases } = rowsOf(onlyToPutOn(castryV8, { kind: 'gasket' }), 'exhaust-manifold');
    for (const { steps } of phases)
      for (const step of steps) expect(step).toMatch(/^(faces|contact|connection)/);
  });
});
