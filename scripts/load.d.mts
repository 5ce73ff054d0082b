export function loadFerryHouse(origin: string, instance: string): Promise<void>;
