/** The whole job as one JSON file: what people said and measured, nothing computed, with a checksum. */
export { withTestsBroughtOver } from './brought.ts';
export { checkJobFile, readJobFile } from './check.ts';
export { contentChecksum, writeJobFile } from './checksum.ts';
export {
  JOB_FORMAT,
  JOB_FORMAT_VERSION,
  jobContentSchema,
  jobFileSchema,
  type JobContent,
  type JobFile,
} from './schema.ts';
