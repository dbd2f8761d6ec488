import type { Outcomes } from './acts/outcome';
import type {
  Board,
  CrewMember,
  Instance,
  JobLog,
  Problem,
  Session,
  SheetRevision,
  SignIn,
} from './api';
import type { SuspectAct, ToolLog, Tools } from './tools/api';
import type { ToolAct, ToolState } from '@cardinex/core/tools/tool';
import type { Publish } from './sheets/publish';
import type { Act } from '@cardinex/core/job/act';
import type { Overhaul } from '@cardinex/core/job/overhauls';

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

async function ask<T>(path: string, init: RequestInit = {}): Promise<T> {
  const response = await fetch(`/api${path}`, {
    ...init,
    headers: { 'content-type': 'application/json', ...init.headers },
    signal: init.signal ?? AbortSignal.timeout(PATIENCE_MS),
  }).catch(() => {
    throw new NoAnswer();
  });
  if (response.status === 204) return undefined as T;
  const body: unknown = await response.json().catch(() => {
    throw new NoAnswer();
  });
  if (response.ok) return body as T;
  throw new AnsweredProblem(body as Problem);
}

function post<T>(path: string, body: unknown): Promise<T> {
  return ask<T>(path, { method: 'POST', body: JSON.stringify(body) });
}

/** Every call the app makes of the server. */
export const client = {
  instance: () => ask<Instance>('/instance'),
  crew: (shop: string) =>
    ask<{ crew: CrewMember[] | null }>(`/shops/${encodeURIComponent(shop)}/crew`),
  session: () => ask<Session | null>('/session'),
  signIn: (body: SignIn) => post<Session>('/session', body),
  signOut: () => ask<void>('/session', { method: 'DELETE' }),
  forgetDevice: () => ask<void>('/session/device', { method: 'DELETE' }),
  sheets: () => ask<{ sheets: SheetRevision[] }>('/sheets'),
  publishSheets: (body: Publish) => post<{ sheets: SheetRevision[] }>('/sheets', body),
  revision: (sheet: string, revision: number) =>
    ask<SheetRevision>(`/sheets/${encodeURIComponent(sheet)}/${revision}`),
  tools: () => ask<Tools>('/tools'),
  tool: (id: string) => ask<ToolLog>(`/tools/${id}`),
  suspect: (id: string) => ask<{ acts: SuspectAct[] }>(`/tools/${id}/suspect`),
  toolAct: (id: string, act: ToolAct) => post<{ tool: ToolState }>(`/tools/${id}/acts`, act),
  jobs: () => ask<Board>('/jobs'),
  finishedJobs: (before: string) =>
    ask<Board>(`/jobs?finishedBefore=${encodeURIComponent(before)}`),
  job: (id: string) => ask<JobLog>(`/jobs/${id}`),
  overhauls: (id: string) => ask<{ overhauls: Overhaul[] }>(`/jobs/${id}/overhauls`),
  sendPhotograph: (job: string, photograph: string, picture: Blob) =>
    ask<void>(`/jobs/${job}/photographs/${photograph}`, {
      method: 'PUT',
      body: picture,
      headers: { 'content-type': 'image/jpeg' },
      signal: AbortSignal.timeout(PICTURE_PATIENCE_MS),
    }),
  sendActs: (
    job: string,
    acts: readonly Act[],
    waitedMs: readonly (number | null)[],
    behindRefused = false,
  ) =>
    post<Outcomes>(`/jobs/${job}/acts`, {
      sentAt: new Date().toISOString(),
      acts,
      waitedMs,
      ...(behindRefused && { behindRefused }),
    }),
};
