/** What comes off or goes on as one: a head, a cover, a pipe. */
export interface ReachPiece {
  readonly id: string;
  /** Pieces without which it cannot stay: it is off before them, and on after them. */
  readonly restsOn?: readonly string[];
  /** Pieces and acts that it closes the way to: it is off before them, and on after them. */
  readonly shuts?: readonly string[];
  /** Pieces that are loosened, pinned or hung up, and stay, when it comes off. */
  readonly eases?: readonly string[];
  /** Pieces that are on before it, where both went; no reason to take either off. */
  readonly onAfter?: readonly string[];
  /** Pieces that are off before it, where both go; no reason to take either off. */
  readonly offAfter?: readonly string[];
}

/** Something done at the engine that a piece may shut: valves set, stand-out read. */
export interface ReachAct {
  readonly id: string;
  /** Pieces that are on while it is done. */
  readonly needs?: readonly string[];
}

export interface ReachInput {
  /** In the order that decides where several could be next. */
  readonly pieces: readonly ReachPiece[];
  readonly acts?: readonly ReachAct[];
  /** Pieces that come off, and acts whose way is opened. */
  readonly targets: readonly string[];
  /** Pieces that go as one with the piece they are `on`. */
  readonly keep?: readonly { readonly id: string; readonly on: string }[];
  /** By target: sets of pieces of which any one opens the way to it, in place of all that shut it. */
  readonly ways?: Readonly<Record<string, readonly (readonly string[])[]>>;
}

/** A piece, and what it is about: pieces and acts in the order of their lists. */
export interface Because {
  readonly id: string;
  readonly because: readonly string[];
}

/** One way to a target, and what it would cost. */
export interface ReachWay {
  readonly target: string;
  readonly pieces: readonly string[];
  /** How many pieces come off in all, by this way. */
  readonly off: number;
  readonly chosen: boolean;
}

export interface Reach {
  /** What comes off, in list order; the pieces off that it rests on or shuts, then the acts it shuts. */
  readonly off: readonly Because[];
  /** What is eased and stays, in list order; the pieces off that ease it. */
  readonly eased: readonly Because[];
  /** The pieces off, in the order they come off. */
  readonly order: readonly string[];
  /** The same in the order they go back on. */
  readonly back: readonly string[];
  /** Where targets have ways: each way that is open to choose. */
  readonly ways?: readonly ReachWay[];
}
