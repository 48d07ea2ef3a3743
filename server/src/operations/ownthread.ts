/** The code of a thread of this server: beside the bundle that is running, or the source itself with what reads TypeScript. */
import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';

/** The bundle keeps the address of this file, and of this file alone, as its own (scripts/lib/bundle.mjs). */
const HERE = import.meta.url;

let bundle: URL | undefined;
/** From now on the threads of a server that runs from its sources come out of a bundle: each would compile them anew. */
export function threadsFrom(main: URL): void {
  bundle = main;
}

/**
 * @param source the file below server/src; the bundle has it under its own name
 * @returns what a pool of threads starts with
 */
export function ownThread(source: `${string}.ts`): {
  readonly filename: string;
  readonly execArgv: string[];
} {
  if (HERE.endsWith('.ts') && bundle === undefined) {
    const loader = pathToFileURL(createRequire(HERE).resolve('tsx')).href;
    return { filename: new URL(`../${source}`, HERE).href, execArgv: ['--import', loader] };
  }
  const built = source.replace(/^.*\//, '').replace(/\.ts$/, '.js');
  return { filename: new URL(built, bundle ?? HERE).href, execArgv: [] };
}
