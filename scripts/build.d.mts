export function bundle(entries: Record<string, string>, out: string): Promise<void>;
export function bundleServer(out: string): Promise<void>;
