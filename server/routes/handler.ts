import type { Request, Response } from 'express';
import type { KnownRoute, Routes } from '@cardinex/contract/routes/table';
import type { Answer, Read } from '@cardinex/contract/routes/route';
import type { SignedIn } from '../session/session';

/** What came in, as the table of routes reads it, and whoever asks. */
export type Incoming<N extends KnownRoute> = Read<Routes[N]> & {
  /** Undefined for what does not ask for a sign-in. */
  readonly who: Routes[N]['who'] extends 'crew' ? SignedIn : undefined;
  readonly request: Request;
  readonly response: Response;
};

/** An answer that is JSON already. */
export class JsonText {
  constructor(readonly text: string) {}
}

/** What a route answers by; one whose answer is not JSON sends it by itself. */
export type Handler<N extends KnownRoute> = (
  incoming: Incoming<N>,
) => Promise<DeepReadonly<Answer<Routes[N]>> | JsonText>;

export type Handlers<N extends KnownRoute = KnownRoute> = { readonly [R in N]: Handler<R> };

type DeepReadonly<T> = T extends object ? { readonly [K in keyof T]: DeepReadonly<T[K]> } : T;
