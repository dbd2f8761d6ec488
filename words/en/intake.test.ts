import { isolationOf } from '@cardinex/core/job/cards/dead/checks';
import { checksOf } from '@cardinex/core/job/cards/inspect/checks';
import { marksOf } from '@cardinex/core/job/cards/mark/view';
import { kitOf } from '@cardinex/core/job/cards/parts/view';
import { oldBoltsOf } from '@cardinex/core/job/cards/strip/view';
import { fold } from '@cardinex/core/job/evolve';
import { scopedSheet } from '@cardinex/core/job/scope';
import { scopesFor } from '@cardinex/core/job/plan/scopeChoices';
import { EMPTY_STATE } from '@cardinex/core/job/emptyJob';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { demoJobs, DEMO_JOB } from '@cardinex/demo/jobs';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { actLine } from './acts';
import { isolationSentence } from './cards/dead';
import { findingSentence } from './cards/inspect';
import { checkName, itemName, placeName } from './checkNames';
import { labelText } from './cards/labels';
import { markName, markNotOn, markPlace, markUp } from './cards/mark';
import { partHoldSentence } from './cards/partHold';
import { kitName, partName, whenWord } from './cards/parts';
import { oldBoltsSentence } from './cards/strip';
import { crankHoldSentence } from './register';
import { undisturbed } from './scope';

/** Said in words that mean something: nothing empty, nothing of the machine's. */
function expectSaid(...texts: readonly string[]): void {
  for (const text of texts) expect(text).toMatch(/^(?!.*(undefined|NaN|\[object)).*\S/);
}

const everyScope = demoSheets.flatMap((sheet) =>
  scopesFor(sheet).map((kind) => [`${sheet.id}, ${kind}`, scopedSheet(sheet, { kind })] as const),
);

describe('what is read of the bearings', () => {
  it('is called by what is measured: a bore with its shells in, not the clearance it leads to', () => {
    const check = { kind: 'clearances', id: 'clearances/main', journal: 'main' } as never;
    const sheet = { journals: [{ id: 'main', name: 'Main' }] } as never;
    expect(checkName(sheet, check)).toBe('Main bores, shells in');
  });
});

describe('from opening to inspection', () => {
  it.each(everyScope)('everything on %s is said in words', (_, sheet) => {
    expectSaid(undisturbed(sheet), ...isolationOf(sheet).map(isolationSentence));
    for (const mark of marksOf(sheet)) {
      const { title, lines, foot } = labelText(mark, sheet);
      expectSaid(markName(mark), markUp(mark.kind), markNotOn(mark.kind), title, foot, ...lines);
      if (mark.place.nth > 0)
        expect(markPlace(mark.place)).toMatch(/^\d+(st|nd|rd|th) of \d+ from /);
    }
    for (const check of checksOf(sheet)) {
      expectSaid(checkName(sheet, check));
      expectSaid(...check.items.map((item) => itemName(sheet, check, item)));
      if (check.places.length > 1)
        expectSaid(...check.places.map((at) => placeName(sheet, check, at)));
    }
    expectSaid(...oldBoltsOf(sheet).map(oldBoltsSentence));
    for (const item of kitOf(sheet, EMPTY_STATE)) {
      expectSaid(kitName(item, sheet), whenWord(item.when));
      expect(partName(sheet, item.id)).toBe(kitName(item, sheet));
    }
  });

  it('every act of the demo’s jobs has its line in the record', () => {
    const sheets = new Map([tolvane44, quillon5c, hesperM6Right].map((entry) => [entry.id, entry]));
    for (const { id, acts } of demoJobs(new Date('2026-03-04T12:00:00Z'))) {
      const log = acts.map((act, place) => ({ ...act, seq: place + 1, receivedAt: act.at }));
      const { state } = fold(log);
      const pinned = sheets.get(state.opened?.sheet.id ?? '');
      if (!pinned) continue;
      const sheet = sheetOfJob(pinned, state);
      const lines = log.map((act) => actLine(act, sheet));
      expectSaid(...lines.map(({ what }) => what));
      if (id === DEMO_JOB.sawBench) {
        expect(lines).toContainEqual({ what: 'Battery off, its lead tied back.', value: 'so' });
        expect(lines).toContainEqual({ what: 'Head flatness, along', value: '0.14 mm' });
        expect(lines).toContainEqual({
          what: 'Part: Short bolts, intake side',
          value: '5, missing',
          words: 'One bolt left out of the bag; ordered again.',
        });
        expect(
          lines.some(({ what }) =>
            /^Head (bolts|studs)( \d)?: bolt \d+, slackening step 1$/.test(what),
          ),
        ).toBe(true);
      }
    }
  });

  it('what holds the crank, and what a card waits for, is named', () => {
    expect(crankHoldSentence({ code: 'temporary-part-in', what: 'Camshaft pin, flange' })).toBe(
      'Still in is Camshaft pin, flange.',
    );
    expect(partHoldSentence({ what: 'Head gasket', code: 'wrong' })).toBe(
      'Head gasket: the wrong one came.',
    );
  });

  it('a bolt past its limit says by how much, in the reader’s unit', () => {
    const found = { mm: 118.9, limitMm: 118.6, verdict: 'over' as const };
    expect(findingSentence({ kind: 'lengths', found })).toBe(
      '118.90 mm long, over its limit of 118.60 mm: it has stretched. Replace it.',
    );
    expect(
      findingSentence(
        { kind: 'lengths', found },
        { length: 'thou', torque: 'N·m', pressure: 'bar' },
      ),
    ).toContain('4681.1 thou');
  });
});
