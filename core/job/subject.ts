import type { LoggedAct } from './act';
import type { JobState } from './state';

/** What an act is about, so that a later one about the same thing can be found; null for acts that stand alone. */
export function subjectOf(act: LoggedAct): string | null {
  switch (act.type) {
    case 'liner.read':
      return `liner/${act.data.bore}/${act.data.place}`;
    case 'bolt.pulled':
    case 'bolt.turned':
    case 'bolt.eased':
    case 'stud.tensioned':
    case 'step.done':
    case 'bolt.failed':
      return `bolt/${act.data.key}`;
    case 'shim.read':
      return `shim/${act.data.valve}`;
    case 'screw.set':
      return `screw/${act.data.item}`;
    case 'bridge.seen':
      return `bridge/${act.data.valve}/${act.data.step}`;
    case 'adjuster.read':
      return `adjuster/${act.data.item}`;
    case 'injector.coded':
      return `code/${act.data.cylinder}`;
    case 'valve.read':
      return `valve/${act.data.valve}/${act.data.reading}`;
    default:
      return null;
  }
}

/** The act that stands in place of a struck one: the next about the same thing that was not struck. */
export function replacementOf(state: JobState, struck: LoggedAct): LoggedAct | undefined {
  const subject = subjectOf(struck);
  if (subject === null) return undefined;
  const place = state.log.indexOf(struck);
  return state.log
    .slice(place + 1)
    .find((act) => subjectOf(act) === subject && !state.struck[act.id]);
}
