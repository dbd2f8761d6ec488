import type { AssemblyAct, StandsHow } from '../sheet/spec/assembly';
import type { CureBars } from '../sheet/spec/joint';
import type { CardName } from './facts/cardName';
import type { CrankHold } from './facts/crank';
import type { PartHold } from './facts/parts';
import type { Lack } from './lacks';
import type { PieceRef } from './pieceRef';

/** Why a card is barred. */
export type Wait = Extract<
  TrayReason,
  {
    readonly code:
      | 'card-first'
      | 'sheet-lacks'
      | 'differences-open'
      | 'decision-pending'
      | 'parts-missing'
      | 'crank-held'
      | 'temporary-parts-in'
      | 'way-shut'
      | 'turn-over'
      | 'clock';
  }
>;

export type CardStatus = 'open' | 'done' | 'waiting' | 'barred';

/** Why a card is barred or waits, or what is next on it; `words/` makes the sentence. */
export type TrayReason =
  /** `shuts`: what would be shut in, were it not waited for. */
  | {
      readonly code: 'card-first';
      readonly card: CardName;
      readonly set?: string;
      readonly shuts?: AssemblyAct;
    }
  /** What is on shuts it: that comes off again first. Rows that go on as one, by their first instance. */
  | {
      readonly code: 'way-shut';
      readonly act: AssemblyAct;
      readonly rows: readonly string[];
      readonly pieces: readonly PieceRef[];
    }
  /** The engine has to stand this way for it. */
  | { readonly code: 'turn-over'; readonly to: StandsHow }
  | { readonly code: 'sheet-lacks'; readonly lacks: readonly Lack[] }
  /** Sheet, leaflets and deviations say different things, or together do not add up. */
  | { readonly code: 'differences-open'; readonly count: number }
  /** Something was decided on it without knowing all: someone confirms or drops it first. */
  | { readonly code: 'decision-pending'; readonly decision: string }
  /** Pulled with wrenches that are not in the crib as was said; named where an act names them. */
  | { readonly code: 'crib-disagrees'; readonly wrenches: readonly string[] }
  | { readonly code: 'run-hot-first' }
  /** Run to heat first, then cooled, before it is pulled again. */
  | { readonly code: 'heat-first' }
  | { readonly code: 'cooling'; readonly until: string }
  /** What lies under a piece sets meanwhile: until then it is not pulled, filled, turned or run. */
  | {
      readonly code: 'clock';
      readonly piece: PieceRef;
      readonly until: string;
      readonly bars: CureBars;
    }
  /** Glue dries, or a bead gets tacky: the piece is not put on before. */
  | { readonly code: 'not-closed-yet'; readonly piece: PieceRef; readonly until: string }
  /** A bead lies: the piece goes on it while it lasts. */
  | { readonly code: 'close-by'; readonly piece: PieceRef; readonly until: string }
  /** A bead was left too long: it is wiped off and laid anew. */
  | { readonly code: 'bead-too-old'; readonly piece: PieceRef; readonly since: string }
  /** Put off by somebody: it can be worked on, and stands aside. */
  | { readonly code: 'put-off'; readonly words: string; readonly until?: string }
  | { readonly code: 'to-make-dead'; readonly left: number }
  | { readonly code: 'to-mark'; readonly made: number; readonly total: number }
  /** Parts marked under another variant say something else than they should. */
  | { readonly code: 'marks-translated'; readonly count: number }
  | { readonly code: 'to-slacken'; readonly set: string; readonly instance?: string }
  | { readonly code: 'to-take-off'; readonly piece: PieceRef }
  | { readonly code: 'to-count' }
  /** The main bearing to be opened next, or the one that is open. */
  | {
      readonly code: 'bearing-next' | 'bearing-open';
      readonly bearing: string;
      readonly done: number;
      readonly total: number;
    }
  /** Pieces go on again, row by row. */
  | { readonly code: 'to-put-on'; readonly done: number; readonly total: number }
  | { readonly code: 'parts-to-come'; readonly here: number; readonly total: number }
  | { readonly code: 'parts-wrong'; readonly count: number }
  | { readonly code: 'to-inspect'; readonly done: number; readonly total: number }
  | { readonly code: 'inspected-out'; readonly count: number }
  /** Remarks that nobody has seen to or accepted. */
  | { readonly code: 'remarks-open'; readonly count: number }
  | { readonly code: 'cause-last' }
  | { readonly code: 'cause-to-answer' }
  /** A part that is not here, or not right, or still at the machine shop. */
  | { readonly code: 'parts-missing'; readonly parts: readonly PartHold[] }
  | { readonly code: 'crank-held'; readonly holds: readonly CrankHold[] }
  /** Something put in for a while is still in. */
  | { readonly code: 'temporary-parts-in'; readonly parts: readonly string[] }
  | { readonly code: 'liners-to-read'; readonly read: number; readonly total: number }
  | { readonly code: 'liners-out' }
  | { readonly code: 'liners-to-accept' }
  /** Liners that changed places and still carry the mark of the bore they came from. */
  | { readonly code: 'liners-to-mark'; readonly bores: readonly string[] }
  | { readonly code: 'liners-to-seal'; readonly left: number }
  /** Null where no grade fits. */
  | { readonly code: 'gasket-to-choose'; readonly mark: string | null }
  | { readonly code: 'turn-crank'; readonly bolts: string }
  /** A last look under a head, or the head put on. */
  | { readonly code: 'to-cover'; readonly step: 'look' | 'on'; readonly instance?: string }
  | { readonly code: 'run-to-prepare'; readonly instance?: string }
  | {
      readonly code: 'bolt-next';
      readonly bolt: string | null;
      readonly stage: number;
      readonly instance?: string;
    }
  | { readonly code: 'sweep-first'; readonly stage: number; readonly lastAt: string }
  | { readonly code: 'contested'; readonly bolt: string }
  | {
      readonly code: 'timing-next';
      readonly step: 'line' | 'marks' | 'pin-in' | 'pin-out' | 'turn' | 'prove';
      readonly done: number;
      readonly total: number;
    }
  /** All set: two turns by hand, then every gap once more. */
  | { readonly code: 'gaps-again' }
  | { readonly code: 'pump-next'; readonly step: 'stand' | 'meshed' | 'again' }
  | { readonly code: 'valves-set'; readonly done: number; readonly total: number }
  | { readonly code: 'left-out'; readonly words: string }
  | { readonly code: 'all-done'; readonly provisional?: boolean };
