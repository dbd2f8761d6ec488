import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { alongBank } from './alongBank';
import type { EngineSheet } from './engineSheet';
import { settingItems } from './settingItems';
import { variantOf } from './variants';

const rows = (sheet: EngineSheet): readonly string[] =>
  sheet.layout.banks.map((bank) =>
    alongBank(
      settingItems(sheet).map((item) => ({ item })),
      bank,
    )
      .map(({ item }) => item.id)
      .join(' '),
  );

it('valves stand as they lie, bank by bank', () => {
  expect(rows(tolvane44)).toEqual(['E1 I1 I2 E2 E3 I3 I4 E4']);
  expect(rows(averilQ4)).toEqual(['I1 E1 I3 E3', 'I2 E2 I4 E4']);
});

it('from the cylinder-1 end, also where the book counts from the other', () => {
  const counted = (option: string) => variantOf(quillon5c, { 'counted-from': option });
  expect(rows(counted('pulley'))).toEqual(rows(quillon5c));
  expect(rows(counted('flywheel'))).toEqual(['E1 I1 E2 I2 E3 I3 E4 I4 E5 I5']);
});
