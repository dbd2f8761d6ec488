/** One thing a leaflet or a deviation says: where it belongs on the sheet, and what. */
export interface Point {
  /** A place named as `core/sheet/place` names it: "/fastenedSets/id=head/groups/id=long/treatment". */
  readonly at: string;
  readonly to: unknown;
}

/** What a leaflet came with. */
export const CAME_WITH = [
  'bolts',
  'studs',
  'gasket',
  'liners',
  'pistons',
  'rings',
  'bearings',
  'valve-gear',
  'other',
] as const;

export type CameWith = (typeof CAME_WITH)[number];

/**
 * What lies over the sheet on one job: a leaflet that came with its parts, or a deviation, something
 * this engine has had done to it.
 */
export interface Layer {
  readonly id: string;
  readonly kind: 'leaflet' | 'deviation';
  /** The leaflet's own title; or what was done to the engine. */
  readonly title: string;
  readonly cameWith?: CameWith;
  readonly points: readonly Point[];
  readonly actId: string;
  readonly by: string;
  readonly at: string;
}

/** Someone's word on which source holds at a place. */
export interface Decision {
  /** {@link THE_SHEET}, or the id of a leaflet or deviation. */
  readonly take: string;
  /** Everyone who had said something there when it was decided. */
  readonly among: readonly string[];
  readonly words: string;
  readonly by: string;
  readonly at: string;
}

export interface LayersState {
  readonly layers: readonly Layer[];
  /** The last decision by place. */
  readonly decided: Readonly<Record<string, Decision>>;
}

export const NO_LAYERS: LayersState = { layers: [], decided: {} };

export interface LayersActs {
  /** What came with this job's parts says, figure by figure. */
  'leaflet.entered': {
    readonly leaflet: string;
    readonly title: string;
    readonly cameWith: CameWith;
    readonly points: readonly Point[];
  };
  /** What this engine has had done to it, and the figures that changed with it. */
  'deviation.entered': {
    readonly deviation: string;
    readonly title: string;
    readonly points: readonly Point[];
  };
  /** Which source holds where sheet, leaflets and deviations differ. */
  'difference.decided': {
    readonly places: readonly string[];
    readonly take: string;
    /** Every source that had said something there. */
    readonly among: readonly string[];
    readonly words: string;
  };
}
