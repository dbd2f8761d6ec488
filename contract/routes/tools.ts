import { z } from 'zod';
import { toolActSchema } from '../tools/act';
import { suspectActSchema, toolLogSchema, toolSchema, toolsSchema } from '../tools/tool';
import { plainId } from '../text';
import { byId } from './params';
import { routes } from './route';

export const toolRoutes = routes({
  'GET /api/tools': {
    operationId: 'listTools',
    tag: 'tools',
    summary: 'The tool crib',
    who: 'crew',
    answer: toolsSchema,
  },
  'GET /api/tools/{id}': {
    operationId: 'readTool',
    tag: 'tools',
    summary: 'A tool and its log',
    who: 'crew',
    params: byId,
    answer: toolLogSchema,
  },
  'GET /api/tools/{id}/suspect': {
    operationId: 'listSuspectActs',
    tag: 'tools',
    summary: 'Everything done with a tool since its last good check',
    who: 'crew',
    params: byId,
    answer: z.strictObject({ acts: z.array(suspectActSchema) }),
  },
  'POST /api/tools/{id}/acts': {
    operationId: 'recordToolAct',
    tag: 'tools',
    summary: 'Add one act to a tool’s log; answers with the tool as it then stands',
    who: 'crew',
    params: byId,
    body: toolActSchema,
    answer: z.strictObject({ tool: toolSchema }),
  },
  'GET /api/calendars/{shop}/{token}.ics': {
    operationId: 'readCalendar',
    tag: 'tools',
    summary:
      'The shop’s dates, for a calendar program: checks due, pulls after heat; the address is the secret',
    who: 'anyone',
    params: z.strictObject({ shop: plainId, token: z.string().max(100) }),
    gives: 'text/calendar',
  },
});
