export {
  idSchema,
  instantSchema,
  jobHeadSchema,
  nameSchema,
  sourced,
  sourceSchema,
  type JobHead,
  type Sourced,
} from './schema.ts';
