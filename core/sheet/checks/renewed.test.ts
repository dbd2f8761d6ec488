import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { EngineSheet } from '../engineSheet';
import { checkRenewed } from './renewed';

it('a renewed part holds up a set that is there, the liners, the valves, or nothing', () => {
  const holding = (fits: string) =>
    checkRenewed({
      ...tolvane44,
      renew: [{ part: 'Gasket', when: 'always', fits, from: 'manual', source: 'p. 1' }],
    } as EngineSheet).map(({ at, code }) => `${at} ${code}`);
  expect(checkRenewed(tolvane44)).toEqual([]);
  for (const fits of ['liners', 'valves', 'head']) expect(holding(fits)).toEqual([]);
  expect(holding('heads')).toEqual(['renew[0].fits unknown-set']);
});
