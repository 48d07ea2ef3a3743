/** The benchmarks in one run, each printed beside its aim and, where there is one, beside a reference; or those
 * that are named. */
import { benchApi } from './api.ts';
import { benchBackup } from './backup.ts';
import { benchContainers } from './containers.ts';
import { benchCore } from './core.ts';
import { benchCourses } from './courses.ts';
import { benchDetails } from './details.ts';
import { benchFalls } from './falls.ts';
import { benchFirm } from './firm.ts';
import { benchFirms } from './firms.ts';
import { benchHandover } from './handover.ts';
import { benchImports } from './imports.ts';
import { benchChances } from './chances.ts';
import { benchProgramme } from './programme.ts';
import { benchRoofs } from './roofs.ts';
import { benchSize } from './size.ts';
import { benchStart } from './start.ts';
import { benchState } from './state.ts';
import { table, type Row } from './table.ts';
import { benchViews } from './views.ts';
import { benchWeather } from './weather.ts';

const ALL: Readonly<Record<string, () => Row[] | Promise<Row[]>>> = {
  size: benchSize,
  falls: benchFalls,
  core: benchCore,
  state: benchState,
  details: benchDetails,
  containers: benchContainers,
  courses: benchCourses,
  roofs: benchRoofs,
  programme: benchProgramme,
  chances: benchChances,
  weather: benchWeather,
  api: benchApi,
  handover: benchHandover,
  imports: benchImports,
  views: benchViews,
  start: benchStart,
  backup: benchBackup,
  // Accounts stay on: nothing that comes behind it would be let in.
  firm: benchFirm,
};
/** Those that run only where they are named: they take long. */
const LONG: Readonly<Record<string, (size?: number) => Promise<Row[]>>> = { firms: benchFirms };
/** A size may stand behind the name: `firms=100`. */
const asked = process.argv.slice(2).map((given) => {
  const [name = '', size] = given.split('=');
  return { name, size: size === undefined ? undefined : Number(size) };
});
const known = [...Object.keys(ALL), ...Object.keys(LONG)];
const unknown = asked.filter(({ name }) => !known.includes(name));
if (unknown.length > 0)
  throw new Error(`${unknown.map((u) => u.name).join(', ')} is not measured; expected ${known.join(', ')}`);

const rows: Row[] = [];
for (const [name, measure] of Object.entries(ALL))
  if (asked.length === 0 || asked.some((a) => a.name === name)) rows.push(...(await measure()));
for (const { name, size } of asked) rows.push(...((await LONG[name]?.(size)) ?? []));
console.log(table(rows));
process.exit(rows.some((r) => r.held === false) ? 1 : 0);
