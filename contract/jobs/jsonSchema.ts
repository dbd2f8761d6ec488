import { z } from 'zod';
import { jobRecordSchema } from './record';

/**
 * The published JSON Schema of a job's record (draft 2020-12). It says what shape a record has; whether
 * its chain holds is checked by whoever reads it.
 */
export function jobRecordJsonSchema(): object {
  return {
    $id: '/formats/job-record.schema.json',
    title: 'Cardinex job record',
    ...z.toJSONSchema(jobRecordSchema),
  };
}
