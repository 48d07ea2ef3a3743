export { type DateKey, type DateState, type UpkeepDate } from './dates.ts';
export { firstDay, monthName, monthOf, monthOfDay, monthsAfter, monthText, type Month } from './months.ts';
export { PLAN_YEARS, upkeepOf, type Again, type UpkeepPlan, type UpkeepTerms } from './plan.ts';
export { inspectionRoute, type InspectionRoute, type Stop } from './route.ts';
export { upkeepOfZone } from './ofzone.ts';
export { repairable, repairOrder, type RepairAsked, type RepairLine, type RepairOrder } from './repair.ts';
export { recoatOf, yearlySun, yearsBetween, type LaterFilm, type Recoat } from './recoat.ts';
export { coatsAgain, topFilmOf, type TopFilm } from './topfilm.ts';
export { didOf, keptOf, type HandedOver, type Kept, type Visit } from './visits.ts';
