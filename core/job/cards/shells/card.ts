import { checkedCard } from '../../checks/checkedCard';

/** Shells laid in, and their clearances. */
export const shellsCard = checkedCard('shells', ['journals']);
