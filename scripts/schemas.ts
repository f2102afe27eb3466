import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { openApi } from '@hold-fast/server/openapi';
import { passportSchema, recordSchema, sheetsSchema } from '@hold-fast/contract/schemas';

/** The published schemas, by their files. */
const PUBLISHED = {
  'spec-sheets.schema.json': sheetsSchema,
  'job-record.schema.json': recordSchema,
  'passport.schema.json': passportSchema,
  'openapi.json': openApi,
};

for (const [file, schema] of Object.entries(PUBLISHED))
  writeFileSync(
    path.resolve(__dirname, '../docs/formats', file),
    `${JSON.stringify(schema(), null, 2)}\n`,
  );
