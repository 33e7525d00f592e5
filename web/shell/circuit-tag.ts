import { createContext } from 'react';

/** What the circuit or the system is called that a page works on; nothing where the job has one, or the page is the job's. */
export const CircuitTag = createContext<string | undefined>(undefined);
