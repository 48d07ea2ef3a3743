export const BROWSER: { readonly executablePath: string; readonly args: string[] };
