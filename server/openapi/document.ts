import type { z } from 'zod';
import { actSchema } from '@cardinex/contract/acts/act';
import { problemSchema } from '@cardinex/contract/problem';
import type { ReckonName } from '@cardinex/contract/reckon/reckonings';
import { ROUTES } from '@cardinex/contract/routes/table';
import type { Route, RouteName } from '@cardinex/contract/routes/route';
import { reckon } from '../reckon/reckon';
import { partsOf } from '../routes/address';
import { sessionCookie } from '../session/session';
import { publish, type Json } from './schemas';

export interface OpenApi extends Json {
  readonly openapi: string;
  readonly paths: Readonly<Record<string, Json>>;
}

const entries = Object.entries(ROUTES) as unknown as readonly (readonly [RouteName, Route])[];

/**
 * The whole interface of the server as an OpenAPI document, written from the table of routes the server
 * itself is mounted from.
 * @param instanceId the database's own id, which names its cookie
 */
export function openApiDocument(instanceId: string): OpenApi {
  const sent = publish(schemasSent(), 'input');
  const answered = publish(schemasAnswered(), 'output');
  const paths: Record<string, Record<string, Json>> = {};
  for (const [name, route] of entries) {
    const { method, path } = partsOf(name);
    const operation = {
      operationId: route.operationId,
      tags: [route.tag],
      summary: route.summary,
      security: route.who === 'crew' ? [{ session: [] }] : [],
      ...parametersOf(route, name, sent.byKey),
      ...bodyOf(route, sent.byKey[`${name} body`]),
      responses: responsesOf(route, answered.byKey[name]),
    };
    paths[path] = { ...paths[path], [method]: operation };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Cardinex',
      version: '1',
      description:
        'Reckonings need no sign-in. Everything else belongs to a shop and needs the cookie of POST /api/session. ' +
        'Files of their own are described at /formats/engine-sheet.schema.json and /formats/job-record.schema.json.',
    },
    servers: [{ url: '/' }],
    tags: ['reckonings', 'session', 'sheets', 'tools', 'jobs', 'interface'].map((name) => ({
      name,
    })),
    components: {
      securitySchemes: {
        session: {
          type: 'apiKey',
          in: 'cookie',
          name: sessionCookie(instanceId),
          description: 'The cookie that POST /api/session gives',
        },
      },
      schemas: { ...sent.named, ...answered.named },
      responses: {
        Problem: {
          description: 'What is wrong, at which field, and what would be right (RFC 9457)',
          content: { 'application/problem+json': { schema: answered.byKey.problem } },
        },
      },
    },
    paths,
  };
}

function schemasSent(): Record<string, z.ZodType> {
  const schemas: Record<string, z.ZodType> = { act: actSchema };
  for (const [name, { body, params, query }] of entries) {
    if (body) schemas[`${name} body`] = body;
    Object.entries<unknown>({ ...params?.shape, ...query?.shape }).forEach(([field, schema]) => {
      schemas[`${name} ${field}`] = schema as z.ZodType;
    });
  }
  return schemas;
}

function schemasAnswered(): Record<string, z.ZodType> {
  const schemas: Record<string, z.ZodType> = { problem: problemSchema };
  for (const [name, { answer }] of entries) if (answer) schemas[name] = answer;
  return schemas;
}

function parametersOf(route: Route, name: string, schemas: Readonly<Record<string, Json>>): Json {
  const parameters = [
    ...Object.keys(route.params?.shape ?? {}).map((field) => ({ field, in: 'path' })),
    ...Object.keys(route.query?.shape ?? {}).map((field) => ({ field, in: 'query' })),
  ].map(({ field, in: place }) => ({
    name: field,
    in: place,
    required: place === 'path',
    schema: schemas[`${name} ${field}`],
  }));
  return parameters.length > 0 ? { parameters } : {};
}

function bodyOf({ takes, example }: Route, schema: Json | undefined): Json {
  const content = takes
    ? { [takes]: {} }
    : schema && {
        'application/json': { schema, ...(example && { example: example.body }) },
      };
  return content ? { requestBody: { required: true, content } } : {};
}

const PROBLEM = { $ref: '#/components/responses/Problem' };

function responsesOf(route: Route, schema: Json | undefined): Json {
  const reads = route.body ?? route.params ?? route.query;
  return {
    ...(route.gives
      ? { 200: { description: route.summary, content: { [route.gives]: {} } } }
      : schema
        ? { 200: { description: route.summary, content: jsonOf(route, schema) } }
        : { 204: { description: 'Done' } }),
    ...(route.who === 'crew' && { 401: PROBLEM }),
    ...(reads && { 422: PROBLEM }),
    default: PROBLEM,
  };
}

function jsonOf(route: Route, schema: Json): Json {
  const answer =
    route.tag === 'reckonings' && route.example
      ? reckon(route.operationId as ReckonName, route.example.body as never)
      : undefined;
  return { 'application/json': { schema, ...(answer !== undefined && { example: answer }) } };
}
