import { spawn } from 'node:child_process';
import { ROOT } from './paths.mjs';

/**
 * Runs a program to its end.
 * @returns exit code and, where `quiet`, what it printed
 */
export function run(command, args, { quiet = false, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
      ...options,
    });
    let output = '';
    child.stdout?.on('data', (d) => (output += d));
    child.stderr?.on('data', (d) => (output += d));
    child.on('error', reject);
    child.on('close', (code, signal) => resolve({ code: code ?? (signal ? 1 : 0), output }));
  });
}

/** The program's entry file, run by this very Node: no shell, no .cmd, spaces in paths do no harm. */
export const node = (args, options) => run(process.execPath, args, options);
