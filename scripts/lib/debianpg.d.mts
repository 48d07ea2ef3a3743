/** As whom a program runs; nothing where it is whoever calls. */
export interface SystemUser {
  readonly uid?: number;
  readonly gid?: number;
}
export function binFolder(): string | undefined;
export function serverUser(): SystemUser;
export function freePort(wanted?: number): Promise<number>;
export function command(
  user: SystemUser,
  program: string,
  args: readonly string[],
  options?: object,
): { readonly code: number; readonly output: string };
export function giveTo(user: SystemUser, where: string): void;
export function makeData(
  user: SystemUser,
  of: { data: string; owner: string; password: string; more?: readonly string[] },
): { code: number; output: string };
export function startOn(
  user: SystemUser,
  of: { data: string; log: string; port: number; settings: Readonly<Record<string, string | number>> },
): { code: number; output: string };
