import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { engineSheetJsonSchema } from '../contract/sheets/jsonSchema';

/** Writes what docs/formats publishes, from the contract. */
const SCHEMA_FILE = 'docs/formats/engine-sheet.schema.json';
const options = await resolveConfig(SCHEMA_FILE);
const text = JSON.stringify(engineSheetJsonSchema());
writeFileSync(SCHEMA_FILE, await format(text, { ...options, parser: 'json' }));
console.log(`Written: ${SCHEMA_FILE}`);
