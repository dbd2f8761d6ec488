import type { RunView, StageView } from './views';
import { ACCEPTED, refused, type Verdict } from '../verdict';
import type { Side } from '../facts/run';
import type { Prepared, RunsState } from '../facts/runs';
import { inMillionths } from '../../quantity/withinLimits';
import { isPause } from '../../tightening/programme';
import type { TightenAct } from '../../tightening/tightenPlan';
import type { ActOf } from '../act';
import type { DecideContext } from '../decideContext';
import { STRIP } from '../slackening';
import { isShared, preparedFor } from './preparedFor';
import { onSide, runView } from './runView';
import { wrenchSettingNm } from './wrenchSetting';

/** What the hand has to be set to, or to take up, for a stage. */
export interface StageSetting {
  readonly stage: string;
  readonly kind: TightenAct['kind'];
  /** What the stage asks for, lowest first: N·m, degrees or bar as its kind has it; empty where nothing is printed. */
  readonly values: readonly number[];
  /** What the wrench in hand is set to for each of them; empty where none is. */
  readonly settingsNm: readonly number[];
}

/** What one stage asks of a hand: of what it pulls from its own side, where two share the stage out. */
function settingOf(
  { key, bolts, stage }: StageView,
  prepared: Prepared | null,
  side: Side | undefined,
): StageSetting {
  const { kind } = stage;
  const own = onSide(bolts, side ?? 'both');
  const asked = own.flatMap(({ act: { nm, deg, bar } }) => nm ?? deg ?? bar ?? []);
  const values = [...new Set(asked.map(inMillionths))].sort((a, b) => a - b).map((m) => m / 1e6);
  const byTorque = bolts.some(({ act }) => act.nm !== undefined);
  return {
    stage: key,
    kind,
    values,
    settingsNm:
      byTorque && prepared?.wrench ? values.map((nm) => wrenchSettingNm(nm, prepared)) : [],
  };
}

function easesOne({ stage, bolts }: StageView): boolean {
  return stage.kind === 'slacken' && bolts.length === 1;
}

/** Is the same done with the same hand, set the same? */
function isAlike(setting: StageSetting, other: StageSetting): boolean {
  return setting.kind === other.kind && same(setting.values, other.values);
}

/**
 * What has to be set before the stage in hand goes on, because the hand was last set for another: its
 * value, its method or both differ. Null where the hand is right: just made ready, or still the same.
 * Where two work at one stage each with a wrench of their own, each sets it. One fastener eased to be
 * pulled again at once, as after heat, stops nobody: the wrench stays as it is set.
 * @param device whose hand it is
 * @param side from which it pulls, where two pull each with a wrench of their own
 */
export function stageToSet(view: RunView, device: string, side?: Side): StageSetting | null {
  const { current, run, stages, name } = view;
  if (!current || name.programme === STRIP || isPause(current.stage)) return null;
  if (easesOne(current)) return null;
  const shared = side !== undefined || current.bolts.some(({ act }) => isShared(act));
  const known = shared ? run.hands.by[device] : undefined;
  const hand = known === undefined ? run.hands.last : known;
  const at = stages.find(({ key }) => key === hand?.stage);
  const before = at && easesOne(at) ? stages.find(({ key }) => key === hand?.pulledAt) : at;
  if (!before || before === current) return null;
  const prepared = preparedFor(run, side);
  const asked = settingOf(current, prepared, side);
  return isAlike(settingOf(before, prepared, side), asked) ? null : asked;
}

/** The figures that were shown are those that the stage and the wrench in hand give. */
export function decideStageSet(
  runs: RunsState,
  { data, at }: ActOf<'stage.set'>,
  { sheet }: DecideContext,
): Verdict {
  const view = runView(sheet, data.run, runs, at);
  const stage = view?.stages.find(({ key }) => key === data.stage);
  if (!view || !stage) return refused('unknown-run');
  const prepared = preparedFor(view.run, data.side);
  if (!prepared) return refused('run-not-prepared');
  const { values, settingsNm } = settingOf(stage, prepared, data.side);
  return same(values, data.values) && same(settingsNm, data.settingsNm)
    ? ACCEPTED
    : refused('setting-not-shown');
}

function same(list: readonly number[], other: readonly number[]): boolean {
  return list.map(inMillionths).join() === other.map(inMillionths).join();
}
