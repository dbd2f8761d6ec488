import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import { mayOverride } from '../../roles';
import type { JobState } from '../../state';
import { asOldGasket, gasketFinding } from './checks';

/** Another than the pistons ask for, or one that leaves too little clearance, is the lead's to allow. */
export function decideGasket(
  state: JobState,
  { data }: ActOf<'gasket.chosen'>,
  { sheet, member }: DecideContext,
): Verdict {
  const known = sheet.gasket?.grades?.some(({ mark }) => mark === data.mark) ?? false;
  if (!known) return refused('unknown-gasket', { mark: data.mark });
  if (data.by === 'old-gasket') {
    return asOldGasket(sheet) ? ACCEPTED : refused('gasket-by-measure');
  }
  const found = gasketFinding(sheet, state.checks);
  if (!found) return refused('stand-outs-first');
  if (found.mark === data.mark && found.clearance !== 'too-close') return ACCEPTED;
  if (!data.words) return refused('words-needed');
  if (!mayOverride(member.role)) return refused('lead-lets-stand');
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}
