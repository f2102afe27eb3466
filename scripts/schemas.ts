import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { sheetsSchema } from '@hold-fast/contract/schemas';

/** Where the published schema of spec sheets lies. */
export const SHEETS_SCHEMA = path.resolve(__dirname, '../docs/formats/spec-sheets.schema.json');

if (require.main === module)
  writeFileSync(SHEETS_SCHEMA, `${JSON.stringify(sheetsSchema(), null, 2)}\n`);
