import type { CardName } from '../trayReason';

/** A card of a job's tray, and which fastened set where it has one. */
export interface CardPlace {
  readonly card: CardName;
  readonly set?: string;
}
