export { canonicalJson } from './canonical.ts';
export {
  idSchema,
  instantSchema,
  jobHeadSchema,
  nameSchema,
  provenance,
  sourced,
  sourceSchema,
  type JobHead,
  type Sourced,
} from './schema.ts';
