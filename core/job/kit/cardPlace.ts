import type { CardName } from '../trayReason';

/** A card of a job's tray, and which fastened set, or which piece, where it has one for each. */
export interface CardPlace {
  readonly card: CardName;
  readonly set?: string;
}
