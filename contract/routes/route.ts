import type { z } from 'zod';

export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** A route's method and path, which name it: "GET /api/jobs/{id}". */
export type RouteName = `${Method} /api/${string}`;

/**
 * Whom a route answers: anyone; a device as whatever it shows itself to be, signed in or not; a crew,
 * from a device on which someone has signed in.
 */
export type Who = 'anyone' | 'device' | 'crew';

export interface Route {
  readonly operationId: string;
  readonly tag: 'reckonings' | 'session' | 'sheets' | 'tools' | 'jobs' | 'interface';
  readonly summary: string;
  readonly who: Who;
  readonly params?: z.ZodObject;
  readonly query?: z.ZodObject;
  /** A body of JSON. */
  readonly body?: z.ZodType;
  /** A body of another kind. */
  readonly takes?: 'image/jpeg';
  /** An answer of JSON. */
  readonly answer?: z.ZodType;
  /** An answer of another kind; a route with neither answers nothing, 204. */
  readonly gives?: 'application/pdf' | 'text/calendar' | 'image/jpeg' | 'text/event-stream';
  /** A body it takes, for whoever reads the interface. */
  readonly example?: { readonly body: unknown };
}

/** Holds each entry to what a route is. */
export function routes<const Table extends Readonly<Record<RouteName, Route>>>(
  table: Table,
): Table {
  return table;
}

/** What may be asked by a route, as whoever asks has it. */
export type Asked<R extends Route> = (R extends { readonly params: infer P extends z.ZodType }
  ? { readonly params: z.input<P> }
  : unknown) &
  (R extends { readonly query: infer Q extends z.ZodType }
    ? { readonly query?: z.input<Q> }
    : unknown) &
  (R extends { readonly body: infer B extends z.ZodType }
    ? { readonly body: z.input<B> }
    : unknown) &
  (R extends { readonly takes: string } ? { readonly body: Blob } : unknown);

/** The same as it was read. */
export interface Read<R extends Route> {
  readonly params: Part<R, 'params'>;
  readonly query: Part<R, 'query'>;
  readonly body: R extends { readonly takes: string } ? Uint8Array : Part<R, 'body'>;
}

type Part<R extends Route, Of extends 'params' | 'query' | 'body'> =
  R extends Readonly<Record<Of, infer Schema extends z.ZodType>> ? z.output<Schema> : undefined;

/** What a route answers. */
export type Answer<R extends Route> = R extends { readonly answer: infer A extends z.ZodType }
  ? z.output<A>
  : void;
