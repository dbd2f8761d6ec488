import { atStart } from './kit';
import type { RunName } from '@cardinex/core/job/facts/run';
import type { Attempt } from '@cardinex/core/job/facts/runs';
import { readKey, stageKey } from '@cardinex/core/job/run/runKey';
import { setForRun, STRIP } from '@cardinex/core/job/slackening';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { setOf, stagesOf } from '@cardinex/core/sheet/programmeOf';
import { holesText } from './holes';
import { degrees, setting, type ReaderUnits } from './quantity';

/** What was read of one pull beside that it was made. */
export function attemptReached(
  { reachedNm, reachedDeg, holes, fault, afterwards }: Attempt,
  units: ReaderUnits,
): readonly string[] {
  return [
    reachedNm === undefined ? '' : atStart(reachedNmWords(reachedNm, units)),
    reachedDeg === undefined ? '' : `Turned ${degrees(reachedDeg)}`,
    holes === undefined ? '' : `Nut went ${holesText(holes)}`,
    afterwards ? 'Said afterwards' : '',
    fault?.words ?? '',
  ].filter(Boolean);
}

/** "reached 85.2 N·m", in the reader's unit */
export function reachedNmWords(nm: number, units: ReaderUnits): string {
  return `reached ${setting(nm, units)}`;
}

/** Which bolt of which set, and at which stage: "Head bolts: bolt 7, stage 2"; "Head studs 3: bolt 2, stage 1". */
export function boltName(sheet: EngineSheet, key: string): string {
  const { run, stage } = readKey(key);
  return `${runName(sheet, run)}: ${boltNumber(sheet, key)}, ${stageName(sheet, run, stage)}`;
}

/** The stages of a run, by the programme its name gives. */
export function stagesOfRun(sheet: EngineSheet, run: RunName): ReturnType<typeof stagesOf> {
  const set = setForRun(sheet, run) ?? setOf(sheet, run.set);
  return set ? stagesOf(set) : [];
}

/** "stage 2", "slackening step 1" */
export function stageName(sheet: EngineSheet, run: RunName, stage: string): string {
  const place =
    stagesOfRun(sheet, run).findIndex((s) => stageKey(s.cycle, s.stage.id) === stage) + 1;
  return `${run.programme === STRIP ? 'slackening step' : 'stage'} ${place}`;
}

/** "bolt 7", by its printed number; "all" for what is done to all of them. */
export function boltNumber(sheet: EngineSheet, key: string): string {
  const { run, fastener } = readKey(key);
  const set = setForRun(sheet, run) ?? setOf(sheet, run.set);
  const found = set?.fasteners.find((f) => f.id === fastener);
  return found ? `bolt ${found.number}` : 'all';
}

/** What is pulled, with which of several: "Head bolts", "Head studs 3". */
export function runName(sheet: EngineSheet, run: RunName): string {
  const set = setOf(sheet, run.set);
  if (!set) return run.set;
  return set.instances.length > 1 ? `${set.name} ${run.instance}` : set.name;
}
