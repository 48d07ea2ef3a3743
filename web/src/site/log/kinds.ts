/** Every form of the log, in the order in which it is offered. */
import type { KindForm } from './form.ts';
import { GROUND } from './forms/ground.ts';
import { HAPPENED } from './forms/happened.ts';
import { HOT } from './forms/hot.ts';
import { KEEPING } from './forms/keeping.ts';
import { LAYING } from './forms/laying.ts';
import { PROOF } from './forms/proof.ts';
import { STORE } from './forms/store.ts';

export const KIND_FORMS: readonly KindForm[] = [
  ...GROUND,
  ...LAYING,
  ...PROOF,
  ...HOT,
  ...HAPPENED,
  ...KEEPING,
  ...STORE,
];
