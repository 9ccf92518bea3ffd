/** Waits for a while, in milliseconds. */
export const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));
