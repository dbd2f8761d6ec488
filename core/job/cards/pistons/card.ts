import { checkedCard } from '../../checks/checkedCard';

/** Pistons on their rods, weighed, ringed and put in. */
export const pistonsCard = checkedCard('pistons', ['pistons']);
