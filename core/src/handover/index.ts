export { handoverOf, type HandoverAsked } from './handover.ts';
export { roofPlan } from './roofplan.ts';
export { standingOf, type Standing } from './standing.ts';
