import { checkedCard } from '../../checks/checkedCard';

/** Bores honed, washed and oiled before anything goes in. */
export const boresCard = checkedCard('bores', ['bores']);
