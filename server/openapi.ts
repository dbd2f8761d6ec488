import { z } from 'zod';
import { actSchema, batchSchema } from '@cardinex/contract/acts/act';
import { signInSchema } from '@cardinex/contract/api';
import { toolActSchema } from '@cardinex/contract/tools/act';
import { publishSchema } from '@cardinex/contract/sheets/publish';
import { reckonAnswers } from '@cardinex/contract/reckon/answers';
import { reckonExamples } from '@cardinex/contract/reckon/examples';
import { reckonInputs, type ReckonName } from '@cardinex/contract/reckon/schemas';
import { reckon } from './reckon/reckon';

type Json = Record<string, unknown>;

function schemaOf(schema: z.ZodType): Json {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, { unrepresentable: 'any' }) as Json;
  return rest;
}

/** A code, with fields that are that code’s own. */
function coded(description: string): Json {
  return {
    description,
    type: 'object',
    required: ['code'],
    properties: { code: { type: 'string' } },
    additionalProperties: true,
  };
}

const problem = {
  description: 'Problem details (RFC 9457): what is wrong, at which field, and what would be right',
  content: {
    'application/problem+json': {
      schema: {
        type: 'object',
        required: ['type', 'title', 'status', 'detail', 'code'],
        properties: {
          type: { type: 'string' },
          title: { type: 'string' },
          status: { type: 'integer' },
          detail: { type: 'string' },
          code: { type: 'string' },
          field: { type: 'string' },
          refusal: coded('Why the rules of a job do not take an act'),
          fault: coded('What is wrong with an input of a reckoning'),
          requestId: { type: 'string' },
        },
      },
    },
  },
};

const idParameter = {
  name: 'id',
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
};

const photographParameter = { ...idParameter, name: 'photograph' };
const sheetParameter = { name: 'sheet', in: 'path', required: true, schema: { type: 'string' } };
const revisionParameter = {
  name: 'revision',
  in: 'path',
  required: true,
  schema: { type: 'integer', minimum: 1 },
};

function answer(description: string, schema: Json = { type: 'object' }, example?: unknown): Json {
  const content = { 'application/json': { schema, ...(example !== undefined && { example }) } };
  return { '200': { description, content }, default: problem };
}

function body(schema: z.ZodType, example?: unknown): Json {
  const content = { schema: schemaOf(schema), ...(example !== undefined && { example }) };
  return { required: true, content: { 'application/json': content } };
}

function reckonPath<N extends ReckonName>(name: N): Json {
  const example = reckonExamples[name];
  return {
    post: {
      operationId: name,
      tags: ['reckonings'],
      requestBody: body(reckonInputs[name], example),
      responses: answer(
        'The finding',
        schemaOf(reckonAnswers[name]),
        reckon(name, example as never),
      ),
    },
  };
}

/** The whole interface of the server, generated from the contract the server itself parses with. */
export function openApiDocument(): Json & { readonly paths: Record<string, Json> } {
  const reckonNames = Object.keys(reckonInputs) as ReckonName[];
  const reckonings = Object.fromEntries(
    reckonNames.map((name) => [`/api/reckon/${name}`, reckonPath(name)]),
  );
  const get = (summary: string, parameters: Json[] = []): Json => ({
    get: { tags: ['jobs'], summary, parameters, responses: answer(summary) },
  });
  return {
    openapi: '3.1.0',
    info: {
      title: 'Cardinex',
      version: '1',
      description:
        'Reckonings need no sign-in. Everything else belongs to a shop and needs the cookie of POST /api/session.',
    },
    components: { schemas: { Act: schemaOf(actSchema) } },
    paths: {
      ...reckonings,
      '/api/openapi.json': get('This document'),
      '/api/instance': get('The database and its shops'),
      '/api/shops/{slug}/crew': get(
        'The crew of a shop, for its tiles; null to a device the shop does not know',
        [{ name: 'slug', in: 'path', required: true, schema: { type: 'string' } }],
      ),
      '/api/session': {
        ...get('Who is signed in on this device'),
        post: {
          tags: ['session'],
          summary: 'Sign in, or prove a PIN again',
          requestBody: body(signInSchema),
          responses: answer('Signed in'),
        },
        delete: {
          tags: ['session'],
          summary: 'Sign everyone out',
          responses: { '204': { description: 'Signed out' } },
        },
      },
      '/api/session/device': {
        delete: {
          tags: ['session'],
          summary: 'Sign everyone out and forget the device: it comes back as another',
          responses: { '204': { description: 'Forgotten' } },
        },
      },
      '/api/sheets': {
        ...get('The newest revision of each sheet'),
        post: {
          tags: ['sheets'],
          summary:
            'Publish engine sheets, all or none (see /formats/engine-sheet.schema.json); every fault is named',
          requestBody: body(publishSchema),
          responses: answer('The revisions as they stand'),
        },
      },
      '/api/sheets/check': {
        post: {
          tags: ['sheets'],
          summary: 'What is wrong with a sheet, without publishing it',
          requestBody: body(z.unknown()),
          responses: answer('Its faults'),
        },
      },
      '/api/sheets/{sheet}': get('The revisions of a sheet', [sheetParameter]),
      '/api/sheets/{sheet}/{revision}': get('One revision', [sheetParameter, revisionParameter]),
      '/api/sheets/{sheet}/{revision}/engine-sheet.json': get('One revision as a file', [
        sheetParameter,
        revisionParameter,
      ]),
      '/api/tools': get('The tool crib'),
      '/api/tools/{id}': get('A tool and its log', [idParameter]),
      '/api/tools/{id}/suspect': get('Everything done with a tool since its last good check', [
        idParameter,
      ]),
      '/api/tools/{id}/acts': {
        post: {
          tags: ['tools'],
          summary: 'Add one act to a tool’s log',
          parameters: [idParameter],
          requestBody: body(toolActSchema),
          responses: answer('The tool as it then stands'),
        },
      },
      '/api/calendars/{shop}/{token}.ics': get(
        'The shop’s dates, for a calendar program: checks due, pulls after heat',
        [
          { name: 'shop', in: 'path', required: true, schema: { type: 'string' } },
          { name: 'token', in: 'path', required: true, schema: { type: 'string' } },
        ],
      ),
      '/api/jobs': get(
        'The board: open jobs and the newest finished ones; ?finishedBefore= with what was answered as moreFinished for the next',
      ),
      '/api/jobs/{id}': get('A job: its log and its pinned sheet', [idParameter]),
      '/api/jobs/{id}/overhauls': get('What earlier jobs found of the gaps of the same engine', [
        idParameter,
      ]),
      '/api/jobs/{id}/record.json': get('A job as a file to keep and to check', [idParameter]),
      '/api/jobs/{id}/after-heat.ics': get('When what is pulled after heat may be pulled', [
        idParameter,
      ]),
      '/api/jobs/{id}/labels.pdf': get('Tags for the parts of a job, ?size=sheet or roll', [
        idParameter,
      ]),
      '/api/jobs/{id}/photographs/{photograph}': {
        ...get('A photograph, ?size=small or full', [idParameter, photographParameter]),
        put: {
          tags: ['jobs'],
          summary:
            'The picture of a photograph the job tells of (photograph.taken), as image/jpeg, 3 MB at most',
          parameters: [idParameter, photographParameter],
          requestBody: {
            content: { 'image/jpeg': { schema: { type: 'string', format: 'binary' } } },
          },
          responses: { 204: { description: 'It is kept' } },
        },
      },
      '/api/jobs/{id}/live': get('Server-sent events: each new act, from Last-Event-ID on', [
        idParameter,
      ]),
      '/api/jobs/{id}/acts': {
        post: {
          tags: ['jobs'],
          summary: 'Send acts in order; each is answered by itself (see components.schemas.Act)',
          parameters: [idParameter],
          requestBody: body(batchSchema),
          responses: answer('One outcome for each act, in order'),
        },
      },
    },
  };
}
