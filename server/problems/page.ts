import type { RequestHandler } from 'express';
import { problemPageWords as w, problemWords, type ProblemCode } from '@cardinex/words/problems';
import { ProblemError } from './problem';

/** What the `type` of a problem leads to: what it means, for whoever follows it. */
export const problemPage: RequestHandler<{ readonly code: string }> = (request, response) => {
  const { code } = request.params;
  if (!Object.hasOwn(problemWords, code)) throw new ProblemError(404, 'not-found');
  const { title, detail } = problemWords[code as ProblemCode];
  response
    .type('text/html; charset=utf-8')
    .send(
      `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${title}</title>` +
        '<meta name="viewport" content="width=device-width"></head>' +
        `<body><h1>${title}</h1><p>${detail === '' ? w.inTheAnswer : detail}</p>` +
        `<p>${w.more}</p></body></html>`,
    );
};
