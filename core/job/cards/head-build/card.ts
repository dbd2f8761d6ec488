import { checkedCard } from '../../checks/checkedCard';

/** Heads built on the bench. */
export const headBuildCard = checkedCard('head-build', []);
