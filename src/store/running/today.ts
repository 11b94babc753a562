/** The ISO day of this machine's clock. */
export const today = (): string => new Date().toISOString().slice(0, 10);
