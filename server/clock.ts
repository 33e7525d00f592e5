import { AsyncLocalStorage } from 'node:async_hooks';

const told = new AsyncLocalStorage<Date>();

/** When something is written down: now, or the time that a story is told for. */
export const now = (): Date => told.getStore() ?? new Date();

/** Does work as if it were done at another time; the demo tells the days before today this way. */
export const asIf = <T>(when: Date, work: () => T): T => told.run(when, work);
