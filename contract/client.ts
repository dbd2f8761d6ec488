import type { Act } from '@cardinex/core/job/act';
import type { ToolAct } from '@cardinex/core/tools/tool';
import type { Problem } from './problem';
import type { Answer, Asked } from './routes/route';
// The table is read for its types only: its schemas would be half of what a phone loads first.
import type { KnownRoute, Routes } from './routes/table';
import type { SignIn } from './session/session';
import type { Publish } from './sheets/revisions';

/** The server answered with problem details. */
export class AnsweredProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'AnsweredProblem';
  }
}

/** No answer came: no network, or no server behind it. */
export class NoAnswer extends Error {
  constructor() {
    super('no answer');
    this.name = 'NoAnswer';
  }
}

/** How long an answer is waited for. */
const PATIENCE_MS = 10_000;
/** A picture may take long over a thin line. */
const PICTURE_PATIENCE_MS = 120_000;

/** Anything that may go out with a request. */
interface Sent {
  readonly params?: Readonly<Record<string, string | number>>;
  readonly query?: Readonly<Record<string, string>>;
  readonly body?: unknown;
}

/**
 * Asks the server by a route of its table.
 * @throws AnsweredProblem where it answers with a problem; NoAnswer where none came
 */
async function ask<N extends KnownRoute>(
  route: N,
  ...[asked]: object extends Asked<Routes[N]> ? [] | [Asked<Routes[N]>] : [Asked<Routes[N]>]
): Promise<Answer<Routes[N]>> {
  const [method = '', path = ''] = route.split(' ');
  const { params = {}, query, body }: Sent = asked ?? {};
  const filled = path.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(params[name] ?? ''),
  );
  const picture = body instanceof Blob ? body : null;
  const response = await fetch(query ? `${filled}?${new URLSearchParams(query)}` : filled, {
    method,
    headers: { 'content-type': picture?.type ?? 'application/json' },
    ...(body !== undefined && { body: picture ?? JSON.stringify(body) }),
    signal: AbortSignal.timeout(picture ? PICTURE_PATIENCE_MS : PATIENCE_MS),
  }).catch(() => {
    throw new NoAnswer();
  });
  if (response.status === 204) return undefined as Answer<Routes[N]>;
  const answer: unknown = await response.json().catch(() => {
    throw new NoAnswer();
  });
  if (response.ok) return answer as Answer<Routes[N]>;
  throw new AnsweredProblem(answer as Problem);
}

/** Every call the app makes of the server. */
export const client = {
  instance: () => ask('GET /api/instance'),
  crew: (slug: string) => ask('GET /api/shops/{slug}/crew', { params: { slug } }),
  session: () => ask('GET /api/session'),
  signIn: (body: SignIn) => ask('POST /api/session', { body }),
  signOut: () => ask('DELETE /api/session'),
  forgetDevice: () => ask('DELETE /api/session/device'),
  sheets: () => ask('GET /api/sheets'),
  publishSheets: (body: Publish) => ask('POST /api/sheets', { body }),
  revision: (sheet: string, revision: number) =>
    ask('GET /api/sheets/{sheet}/{revision}', { params: { sheet, revision } }),
  tools: () => ask('GET /api/tools'),
  tool: (id: string) => ask('GET /api/tools/{id}', { params: { id } }),
  suspect: (id: string) => ask('GET /api/tools/{id}/suspect', { params: { id } }),
  toolAct: (id: string, act: ToolAct) =>
    ask('POST /api/tools/{id}/acts', { params: { id }, body: act }),
  jobs: () => ask('GET /api/jobs'),
  finishedJobs: (finishedBefore: string) => ask('GET /api/jobs', { query: { finishedBefore } }),
  job: (id: string) => ask('GET /api/jobs/{id}', { params: { id } }),
  overhauls: (id: string) => ask('GET /api/jobs/{id}/overhauls', { params: { id } }),
  sendPhotograph: (id: string, photograph: string, picture: Blob) =>
    ask('PUT /api/jobs/{id}/photographs/{photograph}', {
      params: { id, photograph },
      body: picture,
    }),
  sendActs: (
    id: string,
    acts: readonly Act[],
    waitedMs: readonly (number | null)[],
    behindRefused = false,
  ) =>
    ask('POST /api/jobs/{id}/acts', {
      params: { id },
      body: {
        sentAt: new Date().toISOString(),
        acts: [...acts],
        waitedMs: [...waitedMs],
        ...(behindRefused && { behindRefused }),
      },
    }),
};
