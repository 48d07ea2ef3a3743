/** What a server signs of a record, and what a receipt that somebody holds says of the record as it is shown. */
export {
  compareReceipt,
  isSigned,
  receiptSchema,
  receiptText,
  receiptWords,
  type Receipt,
  type ReceiptOutcome,
} from './receipt.ts';
export { compareLineage, lineageWords, type Lineage, type Linked } from './lineage.ts';
