interface App {
  readonly child: { once: (event: 'exit', hear: (code: number | null) => void) => unknown };
  readonly stop: () => Promise<void>;
}
export const MOST_STARTS: number;
export const FINAL_EXIT: number;
export function keepAlive(
  start: () => Promise<App>,
  hooks: {
    readonly again: (code: number, times: number) => void;
    readonly givenUp: (code: number) => void;
    readonly now?: () => number;
  },
): Promise<{ readonly stop: () => Promise<void> }>;
