import type { RunName } from '../facts/run';
import { AFTER_HEAT } from '../cards/after-heat/programme';
import { STRIP } from '../slackening';

/** The card a run is worked on: taking apart, pulling after heat, or tightening. */
export function cardOfRun({
  programme,
}: Pick<RunName, 'programme'>): 'strip' | 'after-heat' | 'tighten' {
  if (programme === STRIP) return 'strip';
  return programme === AFTER_HEAT ? 'after-heat' : 'tighten';
}

/** The key under which a run is kept: the head of each of its plan's keys. */
export function runKey({ set, instance, programme }: RunName): string {
  return [set, instance, programme].join('/');
}

/** Splits a plan's key into the run it belongs to, its stage within its cycle, and its fastener. */
export function readKey(key: string): { run: RunName; stage: string; fastener: string } {
  const [set = '', instance = '', programme = '', cycle = '', stage = '', fastener = ''] =
    key.split('/');
  return { run: { set, instance, programme }, stage: stageKey(cycle, stage), fastener };
}

/** A stage of one cycle: two cycles may have stages of the same name. */
export function stageKey(cycle: string, stage: string): string {
  return `${cycle}/${stage}`;
}
