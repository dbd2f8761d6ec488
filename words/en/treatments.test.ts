import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { treatmentsSaid } from './treatments';

it('says which fasteners get what, where they differ', () => {
  const studs = setOf(castryV8, 'head');
  expect(studs && treatmentsSaid(studs)).toBe(
    'Sealant: 1, 2, 3, 4 and 5. Oil: 6, 7, 8, 9, 10, 11, 12, 13, 14 and 15.',
  );
});

it('says nothing where all are treated alike', () => {
  const bolts = setOf(tolvane44, 'head');
  expect(bolts && treatmentsSaid(bolts)).toBe('');
});
