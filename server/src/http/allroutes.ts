/** Every address that the server answers under /api/v1. */
import { passkeyRoutes } from '../access/passkeyroutes.ts';
import { mailRoutes } from '../access/mailroutes.ts';
import { signedOnlyRoutes } from '../access/signedonly.ts';
import { adminRoutes } from '../access/adminroutes.ts';
import { deviceRoutes } from '../access/deviceroutes.ts';
import { operationsRoutes } from '../operations/routes.ts';
import { linkRoutes } from '../access/linkroutes.ts';
import { accessRoutes } from '../access/routes.ts';
import { buildUpRoutes } from '../buildup/routes.ts';
import { computeRoutes } from '../compute/routes.ts';
import { demoRoutes } from '../demo/routes.ts';
import { jobFileRoutes } from '../jobfile/routes.ts';
import { handoverRoutes } from '../handover/routes.ts';
import { firmRoutes } from '../firm/routes.ts';
import { liveRoutes } from '../live/routes.ts';
import { libraryRoutes } from '../library/routes.ts';
import { paperRoutes } from '../papers/routes.ts';
import { printoutRoutes } from '../printout/routes.ts';
import { jobRoutes } from '../jobs/routes.ts';
import { orderSheetRoutes } from '../order/exports.ts';
import { orderRoutes } from '../order/routes.ts';
import { calendarRoutes } from '../programme/calendar.ts';
import { daysRoutes } from '../programme/plan.ts';
import { programmeRoutes } from '../programme/routes.ts';
import { recallRoutes } from '../record/recall.ts';
import { handoverFilesRoutes } from '../handover/files/routes.ts';
import { upkeepRoutes } from '../handover/upkeep.ts';
import { provingRoutes } from '../handover/asked.ts';
import { peopleRoutes } from '../people/routes.ts';
import { pictureRoutes } from '../pictures/routes.ts';
import { recordRoutes } from '../record/routes.ts';
import { instrumentRoutes } from '../standins/routes.ts';
import { receiptRoutes } from '../sealed/routes.ts';
import { closingsRoutes } from '../site/closings.ts';
import { siteRoutes } from '../site/routes.ts';
import { morningRoutes } from '../site/morning.ts';
import { todayRoutes } from '../site/today.ts';
import { sourceRoutes } from '../sources/routes.ts';
import { planRoutes } from '../survey/exports.ts';
import { surveyRoutes } from '../survey/routes.ts';
import { weatherRoutes } from '../weather/routes.ts';
import { taskRoutes } from '../tasks/routes.ts';
import type { AnyRoute } from './routes.ts';

export const ROUTES: readonly AnyRoute[] = [
  ...jobRoutes,
  ...surveyRoutes,
  ...planRoutes,
  ...buildUpRoutes,
  ...orderRoutes,
  ...orderSheetRoutes,
  ...programmeRoutes,
  ...provingRoutes,
  ...recallRoutes,
  ...daysRoutes,
  ...calendarRoutes,
  ...siteRoutes,
  ...todayRoutes,
  ...closingsRoutes,
  ...morningRoutes,
  ...weatherRoutes,
  ...sourceRoutes,
  ...recordRoutes,
  ...receiptRoutes,
  ...handoverRoutes,
  ...upkeepRoutes,
  ...handoverFilesRoutes,
  ...liveRoutes,
  ...peopleRoutes,
  ...pictureRoutes,
  ...firmRoutes,
  ...accessRoutes,
  ...adminRoutes,
  ...signedOnlyRoutes,
  ...mailRoutes,
  ...passkeyRoutes,
  ...deviceRoutes,
  ...linkRoutes,
  ...operationsRoutes,
  ...libraryRoutes,
  ...paperRoutes,
  ...printoutRoutes,
  ...jobFileRoutes,
  ...taskRoutes,
  ...demoRoutes,
  ...instrumentRoutes,
  ...computeRoutes,
];
