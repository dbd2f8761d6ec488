import { checkViews } from '@cardinex/core/job/checks/views';
import { linersFinding, unreadBores } from '@cardinex/core/job/cards/liners/view';
import { overheadView } from '@cardinex/core/job/cards/valves/view';
import { markViews } from '@cardinex/core/job/cards/mark/view';
import { numberOf } from '@cardinex/core/job/run/runView';
import { scopedSheet, type JobSheet } from '@cardinex/core/job/scope';
import { scopesFor } from '@cardinex/core/job/plan/scopeChoices';
import { type JobState } from '@cardinex/core/job/state';
import { EMPTY_STATE } from '@cardinex/core/job/emptyJob';
import { trayOf } from '@cardinex/core/job/tray';
import { currentRun, runsOf } from '@cardinex/core/job/run/runsOf';
import { settable } from '@cardinex/core/overhead/settable';
import { compareBookTable } from '@cardinex/core/sheet/compareBookTable';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { printedFor } from '@cardinex/core/sheet/programmeOf';
import { variantOf } from '@cardinex/core/sheet/variants';
import { printedText } from '@cardinex/words/quantity';
import { checkName, itemName, placeName } from '@cardinex/words/checkNames';
import { markName, markPlace } from '@cardinex/words/cards/mark';
import { undisturbed } from '@cardinex/words/scope';
import { trayReasonSentence } from '@cardinex/words/tray';

const NOW = '2026-03-02T12:00:00Z';

/** Opens a job on a sheet, and on each of its variants, and looks at every card: none may fail. */
export function openEveryCard(sheet: EngineSheet): void {
  const choices = (sheet.variants ?? []).flatMap(({ id, options }) =>
    options.map((option) => ({ [id]: option.id })),
  );
  for (const choice of [{}, ...choices]) {
    const variant = variantOf(sheet, choice);
    openCards(variant);
  }
}

/** Every card, for every scope that asks for nothing more. */
function openCards(sheet: EngineSheet): void {
  for (const kind of scopesFor(sheet)) {
    const state: JobState = { ...EMPTY_STATE, scope: { kind } };
    for (const card of trayOf(sheet, state, NOW)) {
      trayReasonSentence(card.reason, () => 'a minute');
    }
    const scoped = scopedSheet(sheet, { kind });
    undisturbed(scoped);
    openFigures(scoped);
    markViews(scoped, []).forEach(({ mark }) => `${markName(mark)} ${markPlace(mark.place)}`);
    for (const { check } of checkViews(scoped, EMPTY_STATE.checks)) {
      checkName(scoped, check);
      check.items.forEach((item) => itemName(scoped, check, item));
      check.places.forEach((place) => placeName(scoped, check, place));
    }
  }
}

/** What is read, pulled and set by the figures of a sheet. */
function openFigures(sheet: JobSheet): void {
  linersFinding(sheet, EMPTY_STATE.liners);
  unreadBores(sheet, EMPTY_STATE.liners);
  for (const set of sheet.fastenedSets ?? []) {
    const run = currentRun(runsOf(sheet, EMPTY_STATE, set.id, NOW));
    for (const { stage, bolts } of run?.stages ?? []) {
      for (const bolt of bolts) {
        const printed = printedFor(set, stage, bolt.act.fastener);
        if (printed) printedText(printed);
        if (run) numberOf(run, bolt);
      }
    }
  }
  const view = overheadView(sheet, EMPTY_STATE.valves, EMPTY_STATE.crank, 'cold');
  if (view) settable({ ...view.overhead, atDeg: 0 });
  compareBookTable(sheet);
}
