import type { ActLine, Known } from './actLine';
import type { LoggedAct } from '@cardinex/core/job/act';
import { THE_SHEET } from '@cardinex/core/job/layers';
import { heightsOf } from '@cardinex/core/sheet/spec/block';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { JobSheet } from '@cardinex/core/job/scope';
import { buildLine } from './buildActs';
import { capital } from './capital';
import { runLine } from './runActs';
import { intakeLine } from './intakeActs';
import { itemNamed } from './itemNames';
import { overheadLine } from './overheadActs';
import { causeName, scopeTitle } from './scope';
import { nutPulledLine } from './cards/lockNut';
import { readingName } from './overheadNames';
import { cribWords } from './crib';
import { pendingWords } from './pending';
import { METRIC, degrees, endName, length, type ReaderUnits } from './quantity';

/**
 * One line of the record for an act.
 * @param known names what went in or out; without it a line says only that something did
 */
export function actLine(
  act: LoggedAct,
  sheet: JobSheet,
  units: ReaderUnits = METRIC,
  known?: Known,
): ActLine {
  switch (act.type) {
    case 'job.opened':
      return {
        what: `Job opened: ${act.data.name}`,
        value: act.data.serial,
        words: [
          scopeTitle(act.data.scope),
          act.data.because && causeName(act.data.because),
          act.data.why,
        ]
          .filter(Boolean)
          .join('. '),
      };
    case 'scope.widened':
    case 'card.left-out':
    case 'job.parked':
    case 'job.resumed':
    case 'photograph.taken':
    case 'cause.answered':
    case 'check.read':
    case 'check.seen':
    case 'check.decided':
    case 'mark.made':
    case 'bolts.counted':
    case 'thing.put-in':
    case 'thing.taken-out':
    case 'part.arrived':
    case 'work.sent':
    case 'work.back':
      return intakeLine(act, sheet, units, known);
    case 'liners.placed':
    case 'liner.sealed':
    case 'cap.turned':
    case 'piece.weighed':
    case 'gasket.chosen':
      return buildLine(act, sheet, units);
    case 'push-rod.seen':
    case 'gaps.turned':
    case 'top.found':
    case 'crank.marked':
    case 'crank.overshot':
    case 'barring.chosen':
    case 'screw.set':
    case 'bridge.seen':
    case 'shim.read':
    case 'shims.chosen':
    case 'cover.on':
    case 'adjuster.read':
    case 'injector.coded':
      return overheadLine(act, sheet, units);
    case 'sheet.taken':
      return { what: `Sheet rev. ${act.data.sheet.revision} taken`, words: act.data.words };
    case 'variant.changed': {
      const question = sheet.variants?.find((q) => q.id === act.data.question);
      const option = question?.options.find((o) => o.id === act.data.option);
      return { what: `Variant: ${option?.name ?? act.data.option}`, words: act.data.words };
    }
    case 'leaflet.entered':
      return { what: `Leaflet: ${act.data.title}`, value: figuresSaid(act.data.points.length) };
    case 'deviation.entered':
      return { what: `Deviation: ${act.data.title}`, value: figuresSaid(act.data.points.length) };
    case 'difference.decided': {
      const whose = act.data.take === THE_SHEET ? 'the sheet holds' : 'the leaflet holds';
      return {
        what: `Decided: ${whose}`,
        value: figuresSaid(act.data.places.length),
        words: act.data.words,
      };
    }
    case 'liner.read': {
      const place = heightsOf(sheet.liners)?.places[act.data.place] ?? String(act.data.place + 1);
      return { what: `Liner ${act.data.bore}, ${place}`, value: length(act.data.mm, units) };
    }
    case 'liners.accepted':
      return { what: 'Liners accepted', ...(act.data.words && { words: act.data.words }) };
    case 'run.prepared':
    case 'wrench.let-back':
    case 'run.marked':
    case 'bolts.reported':
    case 'stage.set':
    case 'bolt.pulled':
    case 'bolt.turned':
    case 'bolt.eased':
    case 'stud.tensioned':
    case 'step.done':
    case 'bolt.failed':
    case 'bolt.taken-out':
    case 'contest.decided':
      return runLine(act, sheet, units);
    case 'caution.acknowledged':
      return { what: `Caution acknowledged: ${act.data.caution}` };
    case 'crank.stood':
      return {
        what: `Crank at ${degrees(act.data.atDeg)}`,
        words: [act.data.seen, act.data.words].filter(Boolean).join('; '),
      };
    case 'crank.doubted':
      return { what: 'Crank position in doubt', words: act.data.words };
    case 'valve.read':
      return {
        what: `${capital(gapName(sheet, act.data.valve))}, ${readingName(act.data.reading).toLowerCase()}`,
        value: act.data.felt
          ? `${length(act.data.felt.goMm, units)} goes, ${length(act.data.felt.noGoMm, units)} does not`
          : length(act.data.mm, units),
        ...(act.data.nut && { words: nutPulledLine(act.data.nut, units) }),
      };
    case 'heat.reached':
      return { what: 'Run to working heat', words: act.data.words };
    case 'recheck.begun':
      return { what: `Hot recheck begun`, words: act.data.words };
    case 'struck':
      return { what: 'Struck', ...(act.data.words && { words: act.data.words }) };
    case 'crib.judged':
      return { what: cribWords.agreesNow, value: cribWords.acts(act.data.agree.length) };
    case 'pending.decided': {
      const target = known?.pending[act.data.decision]?.act;
      const what = target ? actLine(target, sheet, units, known).what : pendingWords.decision;
      return { what: act.data.holds ? pendingWords.confirmed(what) : pendingWords.dropped(what) };
    }
  }
}

function figuresSaid(count: number): string {
  return count === 1 ? '1 figure' : `${count} figures`;
}

/** The end cylinder 1 is at, for headings: "cylinder 1 at the fan end". */
export function cylinder1At(sheet: Pick<EngineSheet, 'cylinder1End'>): string {
  return `cylinder 1 at ${endName(sheet.cylinder1End)}`;
}

/** "Valve E1"; "brake slave 3", which is called by its own name. */
function gapName(sheet: JobSheet, id: string): string {
  const named = itemNamed(sheet, id);
  return named === id ? `valve ${id}` : named;
}
