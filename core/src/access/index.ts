/** Who may see and do what: parts that people play, rights, and documents without prices. */
export { FIRM_ROLES, JOB_ROLES, ROLES, ROLE_WORDS, type Part, type Role } from './roles.ts';
export { ALL_RIGHTS, may, onlyWho, RIGHTS, whoMay, type Right } from './rights.ts';
export { ALONE, guestIn, holds, NOBODY_IN, partsFor, partsIn, type Holder } from './holder.ts';
export { mayEnter, mayEnterAny, whoMayEnter } from './entries.ts';
export { MONEY_FIELDS, MONEY_LISTS, withoutPrices, withPricesOf } from './prices.ts';
