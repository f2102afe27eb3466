import { z } from 'zod';
import { SheetsFile } from './sheets';

/** The JSON Schema of a file of spec sheets, as it may come in. */
export function sheetsSchema(): object {
  return {
    $id: 'urn:hold-fast:spec-sheets:1',
    title: 'Hold Fast spec sheets',
    ...z.toJSONSchema(SheetsFile, { io: 'input', target: 'draft-2020-12' }),
  };
}
