import { rodToPull } from '@cardinex/core/job/cards/pistons/rodPull';
import { ChecksCard } from '../checks/ChecksCard';
import { useJob } from '../job/JobProvider';
import { RunInHand } from '../tighten/RunInHand';
import { RouteChoice } from './RouteChoice';

/** Pistons ringed, weighed and put in; the cap of each rod is pulled, and the crank turned, before the next goes in. */
export function PistonsCard({ check }: { readonly check: string | undefined }) {
  const { sheet, state, now } = useJob();
  const rod = check === 'in-bore' ? rodToPull(sheet, state, now) : null;
  return rod ? (
    <RunInHand runs={[rod]} />
  ) : (
    <ChecksCard card="pistons" check={check} more={<RouteChoice />} />
  );
}
