/** The code of a thread of this server: beside the bundle that is running, or the source itself with what reads TypeScript. */
import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';

/** The bundle keeps the address of this file, and of this file alone, as its own (scripts/lib/bundle.mjs). */
let here = import.meta.url;

/**
 * From now on threads come out of a bundle: for a server that runs from its sources each would compile them anew.
 * @param main its file that starts a server
 */
export function threadsFrom(main: string): void {
  here = main;
}

/**
 * @param source the file below server/src; the bundle has it under its own name
 * @returns what a pool of threads starts with
 */
export function ownThread(source: `${string}.ts`): {
  readonly filename: string;
  readonly execArgv: string[];
} {
  if (here.endsWith('.ts')) {
    const loader = pathToFileURL(createRequire(here).resolve('tsx')).href;
    return { filename: new URL(`../${source}`, here).href, execArgv: ['--import', loader] };
  }
  const built = source.replace(/^.*\//, '').replace(/\.ts$/, '.js');
  return { filename: new URL(built, here).href, execArgv: [] };
}
