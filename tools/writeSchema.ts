import { writeFileSync } from 'node:fs';
import { caseFileJsonSchema } from '../core/casefile/jsonSchema';

/** Writes the published JSON Schema from the contract. A test fails when it is out of date. */
writeFileSync(
  new URL('../docs/schema/zelf-case-1.schema.json', import.meta.url),
  JSON.stringify(caseFileJsonSchema(), null, 2) + '\n',
);
