/** A photograph as the log tells of it; its picture is kept beside the log. */
export interface Photograph {
  readonly id: string;
  /** What is to be seen. */
  readonly says: string;
  /** The part or check it is of, as "mark/rod/1" or "check/look"; evidence of the whole when absent. */
  readonly of?: string;
  /** SHA-256 of the picture as it left the device. */
  readonly sha256: string;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** In the order they were taken. */
export type PhotographsState = readonly Photograph[];

export interface PhotographsActs {
  'photograph.taken': {
    readonly photograph: string;
    readonly says: string;
    readonly of?: string;
    /** Of the picture as it left the device, in hexadecimal. */
    readonly sha256: string;
  };
}
