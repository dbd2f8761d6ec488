import { ChecksCard } from '../checks/ChecksCard';
import { GasketChoice } from './GasketChoice';

/** Rods and pistons measured once they are in, and the gasket they ask for. */
export function StandOutCard({ check }: { check: string | undefined }) {
  return <ChecksCard card="stand-out" check={check} more={<GasketChoice />} />;
}
