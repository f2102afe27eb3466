import { RECORD_FORMAT } from '@hold-fast/core/job/record';
import { PASSPORT_FORMAT } from '@hold-fast/core/passport/passport';
import { z } from 'zod';
import { Passport } from './passport';
import { JobRecord } from './record';
import { SheetsFile } from './sheets';

/** The JSON Schema of a file of spec sheets, as it may come in. */
export function sheetsSchema(): object {
  return {
    $id: 'urn:hold-fast:spec-sheets:1',
    title: 'Hold Fast spec sheets',
    ...z.toJSONSchema(SheetsFile, { io: 'input', target: 'draft-2020-12' }),
  };
}

/** The JSON Schema of a sealed job. */
export function recordSchema(): object {
  return {
    $id: `urn:${RECORD_FORMAT.replaceAll('/', ':')}`,
    title: 'Hold Fast sealed record of a job',
    ...z.toJSONSchema(JobRecord, { io: 'input', target: 'draft-2020-12' }),
  };
}

/** The JSON Schema of a bike’s passport, as it may come in. */
export function passportSchema(): object {
  return {
    $id: `urn:${PASSPORT_FORMAT.replaceAll('/', ':')}`,
    title: 'Hold Fast passport of a bike',
    ...z.toJSONSchema(Passport, { io: 'input', target: 'draft-2020-12' }),
  };
}
