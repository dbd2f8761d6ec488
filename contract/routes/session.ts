import { z } from 'zod';
import { crewMemberSchema, instanceSchema, sessionSchema, signInSchema } from '../session/session';
import { bySlug } from './params';
import { routes } from './route';

export const sessionRoutes = routes({
  'GET /api/instance': {
    operationId: 'readInstance',
    tag: 'session',
    summary: 'The database and its shops',
    who: 'device',
    answer: instanceSchema,
  },
  'GET /api/shops/{slug}/crew': {
    operationId: 'readCrew',
    tag: 'session',
    summary: 'The crew of a shop, for its tiles; null to a device the shop does not know',
    who: 'device',
    params: bySlug,
    answer: z.strictObject({ crew: z.array(crewMemberSchema).nullable() }),
  },
  'GET /api/session': {
    operationId: 'readSession',
    tag: 'session',
    summary: 'Who is signed in on this device; null where nobody is',
    who: 'device',
    answer: sessionSchema.nullable(),
  },
  'POST /api/session': {
    operationId: 'signIn',
    tag: 'session',
    summary: 'Sign in, or prove a PIN again',
    who: 'device',
    body: signInSchema,
    answer: sessionSchema,
  },
  'DELETE /api/session': {
    operationId: 'signOut',
    tag: 'session',
    summary: 'Sign everyone out',
    who: 'device',
  },
  'DELETE /api/session/device': {
    operationId: 'forgetDevice',
    tag: 'session',
    summary: 'Sign everyone out and forget the device: it comes back as another',
    who: 'crew',
  },
});
