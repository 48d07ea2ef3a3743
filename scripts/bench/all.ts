/** The benchmarks in one run, each printed beside its aim and, where there is one, beside a reference. */
import { benchApi } from './api.ts';
import { benchCore } from './core.ts';
import { benchCourses } from './courses.ts';
import { benchDetails } from './details.ts';
import { benchFalls } from './falls.ts';
import { benchImports } from './imports.ts';
import { benchSize } from './size.ts';
import { benchStart } from './start.ts';
import { benchState } from './state.ts';
import { table } from './table.ts';
import { benchWeather } from './weather.ts';

const rows = [
  ...benchSize(),
  ...benchFalls(),
  ...benchCore(),
  ...benchState(),
  ...benchDetails(),
  ...(await benchCourses()),
  ...benchWeather(),
  ...(await benchApi()),
  ...(await benchImports()),
  ...(await benchStart()),
];
console.log(table(rows));
process.exit(rows.some((r) => r.held === false) ? 1 : 0);
