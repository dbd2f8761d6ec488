import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { withValueAt } from './pointer';
import { sheetDifferences } from './sheetDifferences';
import {
  compareSerials,
  differencesOf,
  openQuestions,
  optionForSerial,
  variantOf,
} from './variants';

describe('two revisions of a sheet', () => {
  it('differ in nothing when only the revision and its note do', () => {
    expect(sheetDifferences(tolvane44, { ...tolvane44, revision: 4, note: 'Nothing.' })).toEqual(
      [],
    );
  });

  it('differ figure by figure, each as printed', () => {
    const low = { ...tolvane44.bore, text: '0.06 mm', value: 0.06 };
    const next = withValueAt(
      withValueAt(tolvane44, '/liners/low', low),
      '/firing/order',
      [1, 2, 4, 3],
    );
    expect(sheetDifferences(tolvane44, next)).toEqual([
      { at: '/firing/order', sheet: [1, 3, 4, 2], variant: [1, 2, 4, 3] },
      {
        at: '/liners/low',
        sheet: expect.objectContaining({ text: '0.05 mm' }) as object,
        variant: low,
      },
    ]);
  });

  it('differ by what only one of them has', () => {
    const { timing, ...without } = tolvane44;
    expect(sheetDifferences(without, tolvane44)).toEqual([
      { at: '/timing', sheet: undefined, variant: timing },
    ]);
  });
});

describe('the variants of a sheet', () => {
  const [question] = orrin6t.variants ?? [];
  if (!question) throw new Error('no variants');

  it('lay single figures over it, and leave the rest and the sheet itself as they are', () => {
    const window = variantOf(orrin6t, { window: 'with' });
    expect(window.overhead?.clearances?.exhaust?.cold?.figure.text).toBe('0.70 mm');
    expect(window.overhead?.clearances?.intake).toBe(orrin6t.overhead?.clearances?.intake);
    expect(orrin6t.overhead?.clearances?.exhaust?.cold?.figure.text).toBe('0.60 mm');
    expect(variantOf(orrin6t, { window: 'without' })).toEqual(orrin6t);
  });

  it('are the same object for the same choice, so that a plan is worked out once', () => {
    expect(variantOf(orrin6t, { window: 'with' })).toBe(variantOf(orrin6t, { window: 'with' }));
  });

  it('name what they change, and which question is still open', () => {
    const [, option] = question.options;
    expect(option && differencesOf(orrin6t, option).map((d) => d.at)).toEqual([
      '/overhead/clearances/exhaust/cold',
      '/overhead/brakes/gap',
    ]);
    expect(openQuestions(orrin6t, {})).toEqual([question]);
    expect(openQuestions(orrin6t, { window: 'nonsense' })).toEqual([question]);
    expect(openQuestions(orrin6t, { window: 'with' })).toEqual([]);
  });

  it('are told by a serial that one range holds, counted as it is stamped', () => {
    const byserial = {
      ...question,
      options: [
        { id: 'early', name: 'Early', serials: { to: 'O6-999' }, overrides: [] },
        { id: 'late', name: 'Late', serials: { from: 'O6-1000' }, overrides: [] },
      ],
    };
    expect(optionForSerial(byserial, 'O6-870')?.id).toBe('early');
    expect(optionForSerial(byserial, 'o6-1000')?.id).toBe('late');
    expect(optionForSerial(byserial, 'O6-10500')?.id).toBe('late');
    expect(optionForSerial(question, 'O6-870')).toBeUndefined();
    expect(compareSerials('O6-900', 'O6-1200')).toBeLessThan(0);
    expect(compareSerials('A2', 'A2')).toBe(0);
  });
});
