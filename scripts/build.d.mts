export function bundleServer(out: string): Promise<void>;
