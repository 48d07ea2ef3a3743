/** The fifteen membrane families of the trade, and what the substrate and the falls mean to each. */
export { FAMILIES, FAMILY_KEYS, familySchema, type Family, type FamilyKey } from './families.ts';
export {
  SUBSTRATES,
  SUBSTRATE_KEYS,
  substrateKindSchema,
  type Substrate,
  type SubstrateKey,
} from './substrates.ts';
export { fitOf, type Fit } from './fits.ts';
