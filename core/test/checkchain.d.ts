declare module '*/check-chain.mjs' {
  export function canonical(value: unknown): string;
  export function hashOf(stored: object): string;
  export function checkChain(stored: readonly object[]): {
    whole: boolean;
    entries: number;
    lastHash: string;
    breaksAt?: number;
    why?: string;
  };
  export function checkSignatures(stored: readonly object[]): { hold: number[]; broken: number[] };
  export function receiptTrouble(receipt: object, stored: readonly object[]): string | undefined;
}
