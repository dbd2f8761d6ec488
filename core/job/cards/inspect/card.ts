import { checkedCard } from '../../checks/checkedCard';

/** What came off looked over and measured. */
export const inspectCard = checkedCard('inspect', []);
