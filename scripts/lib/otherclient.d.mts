export function otherClient(address: string): () => Promise<number>;
