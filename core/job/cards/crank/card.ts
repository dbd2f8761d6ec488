import { checkedCard } from '../../checks/checkedCard';

/** The crank laid in: its float, the camshaft, the tappets. */
export const crankCard = checkedCard('crank', ['journals']);
