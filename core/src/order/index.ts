export { chooseBoth, chooseContainers, type Aim, type Choice } from './containers.ts';
export { type Item, type Pack } from './items.ts';
export { compareOffers, type Comparison, type OfferTotal, type Quoted } from './offers/compare.ts';
export { moneyText, readPrice } from './offers/money.ts';
export {
  readAnswer,
  REQUEST_COLUMNS,
  requestBlocks,
  requestedPacks,
  requestRows,
  type Answer,
} from './offers/request.ts';
export { type Offer } from './offers/schema.ts';
export { type Part } from './parts.ts';
export { orderBlocks, zonesWords } from './printed.ts';
export {
  AIMS,
  DEFAULT_ORDER,
  GROUPINGS,
  orderSchema,
  type Delivery,
  type OrderDoc,
  type Sheet as BenchSheet,
  type StockItem,
  type WasteKind,
} from './schema.ts';
export { SECTION_NAMES, type Section } from './sections.ts';
export { ORDER_COLUMNS, orderRows, picksWords, unpriced, type Cell } from './table.ts';
export { takeoff, type OrderGroup, type OrderLine, type Takeoff } from './takeoff.ts';
export { whatIf, type Change, type Compared, type WhatIf } from './whatif.ts';
export { leftOversOf } from './fieldleft.ts';
export { quickCourses, stockLengths } from './coursesneeds.ts';
export { type Carriage } from './transport.ts';
export { deckLoads, type DeckLoad, type DeckLoads } from './loads.ts';
export { SUPPLY_RATE_FIELDS, type SupplyRates } from './supplies/rates.ts';
