import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import type { EngineSheet } from '../engineSheet';
import type { FastenedSet } from '../spec/fastening';
import { checkFastening } from './fastening';

const manifold = castryV8.fastenedSets?.find(({ id }) => id === 'manifold') as FastenedSet;

/** The manifold with its first stage said otherwise. */
function withFirstStage(more: object): EngineSheet {
  const [cycle] = manifold.programme?.cycles ?? [];
  const [first, ...rest] = cycle?.stages ?? [];
  const stages = [{ ...first, ...more }, ...rest];
  const programme = { ...manifold.programme, cycles: [{ id: '1', stages }] };
  return { ...castryV8, fastenedSets: [{ ...manifold, programme }] } as unknown as EngineSheet;
}

const found = (more: object) =>
  checkFastening(withFirstStage(more)).map(({ at, code }) => `${at.split('.').at(-1)} ${code}`);

it('what the far side pulls is pulled in that stage, once, and not from both ends', () => {
  const [one, two] = manifold.fasteners.map(({ id }) => id);
  expect(found({})).toEqual([]);
  expect(found({ farSide: [one, two, one] })).toEqual(['farSide[2] repeated']);
  expect(found({ farSide: ['none'] })).toEqual(['farSide[0] far-side-not-ordered']);
  expect(found({ farSide: [one], together: true })).toEqual(['farSide far-side-and-together']);
});
