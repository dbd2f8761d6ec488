import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { FORMATS } from '../contract/formats';

/** Writes what docs/formats publishes, from the contract. */
for (const [name, schema] of Object.entries(FORMATS)) {
  const file = `docs/formats/${name}`;
  const options = await resolveConfig(file);
  writeFileSync(file, await format(JSON.stringify(schema()), { ...options, parser: 'json' }));
  console.log(`Written: ${file}`);
}
