export { handoverOf, type HandoverAsked } from './handover.ts';
export { roofPlan } from './roofplan.ts';
export { standingOf, type Standing } from './standing.ts';
export { sealBlock, sealLine } from './seal.ts';
export { recordSection } from './sections.ts';
