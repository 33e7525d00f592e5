import type { Database } from './db/pool';
import type { JobAt } from './features/jobs/job-at';
import type { Person } from './features/people/people-store';

/** Who asks. */
export type Asks = { database: Database; person: Person };
/** Who asks, and of which job. */
export type AsksJob = Asks & { at: JobAt };
