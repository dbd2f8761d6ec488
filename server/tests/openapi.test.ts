import { createConfig, lintFromString } from '@redocly/openapi-core';
import { ROUTES } from '@cardinex/contract/routes/table';
import { openApiDocument } from '../openapi/document';

interface Operation {
  readonly operationId: string;
  readonly security: readonly object[];
  readonly responses: Readonly<Record<string, object>>;
}

const document = openApiDocument('test');
const operations = Object.values(document.paths).flatMap(
  (methods) => Object.values(methods) as Operation[],
);

describe('the published interface', () => {
  it('is one that others can read: a linter of OpenAPI finds nothing wrong with it', async () => {
    const config = await createConfig({
      extends: ['recommended-strict'],
      rules: {
        // Ours is of one product, for whoever has it.
        'info-license': 'off',
        'tag-description': 'off',
        // An act is read by itself within its batch, so that no body is one.
        'no-unused-components': 'off',
        // What anyone may ask, and asks rightly, is answered.
        'operation-4xx-response': 'off',
      },
    });
    const source = JSON.stringify(document);
    const problems = await lintFromString({ source, config, absoluteRef: 'openapi.json' });
    expect(problems.map(({ ruleId, message }) => `${ruleId}: ${message}`)).toEqual([]);
  });

  it('would be found wrong if it named what is not there', async () => {
    const config = await createConfig({ extends: ['recommended-strict'] });
    const source = JSON.stringify(document).replace('schemas/Event"', 'schemas/Nothing"');
    const problems = await lintFromString({ source, config, absoluteRef: 'openapi.json' });
    expect(problems.map(({ ruleId }) => ruleId)).toContain('no-unresolved-refs');
  });

  it('has every route of the table, named once', () => {
    expect(operations).toHaveLength(Object.keys(ROUTES).length);
    expect(new Set(operations.map(({ operationId }) => operationId)).size).toBe(operations.length);
  });

  it('says of each answer what it is, and asks for a sign-in where the table does', () => {
    const crew = Object.values(ROUTES).filter(({ who }) => who === 'crew');
    expect(operations.filter(({ security }) => security.length > 0)).toHaveLength(crew.length);
    for (const { operationId, responses } of operations) {
      const answered = responses['200'] ?? responses['204'];
      expect([operationId, answered]).toEqual([operationId, expect.anything()]);
    }
  });
});
