import type { CalibrationPoint } from '../../tightening/wrenchChoose';

/** Which run: a fastened set, one instance of it, and its programme. */
export interface RunName {
  readonly set: string;
  readonly instance: string;
  readonly programme: string;
}

/** The wrench as it was when it was taken in hand. */
export interface WrenchShown {
  readonly id: string;
  readonly name: string;
  readonly lowNm: number;
  readonly highNm: number;
  /** From its square to the mark where the hand belongs. */
  readonly lengthMm: number;
  readonly stepNm?: number;
  /** Its last good check; absent for a wrench never checked. */
  readonly calibration?: {
    readonly on: string;
    readonly dueOn: string;
    readonly points: readonly CalibrationPoint[];
  };
  /** Known to be off when it was taken in hand. */
  readonly off?: true;
}

export type BoltFault =
  | 'did-not-reach'
  | 'slipped'
  /** It moved, or clicked, before it should have. */
  | 'moved-early'
  | 'felt-soft'
  /** It got more than was asked. */
  | 'over'
  /** Its nut went further, or less far, than its fellows. */
  | 'odd-travel';

/** The two ends of what two people pull together. */
export type Side = 'near' | 'far';

export type HowRead = 'typed' | 'instrument';
