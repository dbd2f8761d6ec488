import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import express from 'express';
import type { Handlers } from '../routes/handler';
import { mount } from '../routes/mount';

/** What comes back for an answer that lacks what is published of it. */
async function statusOfWrongAnswer(checkAnswers: boolean): Promise<number> {
  const handlers = { 'GET /api/openapi.json': () => Promise.resolve({ version: 3 }) };
  const app = express();
  app.use(
    '/api',
    mount(handlers as unknown as Handlers, { sessions: () => undefined, checkAnswers }),
  );
  app.use(((_error, _request, response, _next) => {
    response.status(500).end();
  }) satisfies express.ErrorRequestHandler);
  const server = app.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const { status } = await fetch(`http://127.0.0.1:${port}/api/openapi.json`);
  server.close();
  return status;
}

describe('an answer that is not what is published of it', () => {
  it('is a fault where answers are checked, and goes out where they are not', async () => {
    expect(await statusOfWrongAnswer(true)).toBe(500);
    expect(await statusOfWrongAnswer(false)).toBe(200);
  });
});
