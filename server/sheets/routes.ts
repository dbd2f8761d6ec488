import { Router } from 'express';
import type { Sequelize } from 'sequelize';
import { z } from 'zod';
import { publishSchema, type PublishedRevision } from '@cardinex/contract/sheets/publish';
import { readSheet } from '@cardinex/contract/sheets/readSheet';
import { plainId } from '@cardinex/contract/text';
import { mayPublish } from '@cardinex/core/job/roles';
import { Sheet } from '../database/models';
import { ProblemError, parse } from '../problems/problem';
import { rolesOn } from '../session/proofs';
import { signedIn } from '../session/session';
import { publishSheets } from './publishSheets';
import { newestSheets, sheetRevision } from './sheets';

const revisionNumber = z.coerce.number().pipe(z.int().min(1).max(100_000));

export function sheetRoutes(sequelize: Sequelize): Router {
  const routes = Router();

  routes.get('/sheets', async (request, response) => {
    response.json({ sheets: await newestSheets(signedIn(request).shopId) });
  });

  routes.post('/sheets', async (request, response) => {
    const who = signedIn(request);
    const { shopId } = who;
    const { by, sheets } = parse(publishSchema, request.body);
    const member = (await rolesOn(who)).get(by);
    if (!member) throw new ProblemError(403, 'not-signed-in-here', undefined, 'by');
    if (!mayPublish(member.role)) throw new ProblemError(403, 'may-not-publish', undefined, 'by');
    response.json({ sheets: await publishSheets(sequelize, shopId, by, sheets) });
  });

  routes.post('/sheets/check', (request, response) => {
    signedIn(request);
    const { faults, sound } = readSheet(request.body);
    response.json({ faults, sound });
  });

  routes.get('/sheets/:id', async (request, response) => {
    const { shopId } = signedIn(request);
    const sheetId = parse(plainId, request.params.id);
    const rows = await Sheet.findAll({
      where: { shopId, sheetId },
      order: [['revision', 'DESC']],
      raw: true,
    });
    if (rows.length === 0) throw new ProblemError(404, 'no-such-sheet');
    const revisions = rows.map(
      ({ revision, document, publishedAt, publishedBy }): PublishedRevision => ({
        revision,
        note: document.note ?? null,
        publishedAt: publishedAt.toISOString(),
        publishedBy,
      }),
    );
    response.json({ revisions });
  });

  routes.get('/sheets/:id/:revision', async (request, response) => {
    response.json(await revisionAsked(signedIn(request).shopId, request.params));
  });

  routes.get('/sheets/:id/:revision/engine-sheet.json', async (request, response) => {
    const { sheet } = await revisionAsked(signedIn(request).shopId, request.params);
    response
      .attachment(`${sheet.id}-rev-${sheet.revision}.json`)
      .type('json')
      .send(JSON.stringify(sheet, null, 2));
  });

  return routes;
}

async function revisionAsked(shopId: string, params: { id: string; revision: string }) {
  const id = parse(plainId, params.id);
  const revision = parse(revisionNumber, params.revision);
  const found = await sheetRevision(shopId, id, revision);
  if (!found) throw new ProblemError(404, 'no-such-sheet');
  return found;
}
