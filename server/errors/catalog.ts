import { tell } from '@/server/words/tell';
/** Every error the server answers with: one stable code, its HTTP status and its title. docs/formats.md lists the same. */
export const PROBLEMS = {
  'bad-input': { status: 400, title: tell('server.something-typed-cannot-be-used') },
  'not-signed-in': { status: 401, title: tell('server.sign-in-first') },
  'wrong-sign-in': { status: 401, title: tell('server.name-or-password-is-wrong') },
  'not-allowed': { status: 403, title: tell('server.your-role-may-not-do-this') },
  'wrong-origin': { status: 403, title: tell('server.request-came-from-another-site') },
  'wrong-host': { status: 421, title: tell('server.this-server-does-not-go-by') },
  'not-found': { status: 404, title: tell('server.there-is-no-such-thing-here') },
  'stale-version': { status: 409, title: tell('server.someone-changed-this-after-you-read') },
  'other-body': { status: 409, title: tell('server.this-id-already-holds-something-else') },
  'gate-held': { status: 409, title: tell('server.gate-holds-this-phase') },
  'already-signed': { status: 409, title: tell('server.this-phase-is-already-signed') },
  'job-cancelled': { status: 409, title: tell('server.this-job-is-cancelled') },
  'run-state': { status: 409, title: tell('server.run-is-not-in-state-for') },
  'too-large': { status: 413, title: tell('server.request-is-too-large') },
  'too-many': { status: 429, title: tell('server.too-much-at-once-wait-moment') },
  busy: { status: 503, title: tell('server.others-hold-what-this-needs-try') },
  overloaded: { status: 503, title: tell('server.too-many-ask-at-once') },
  internal: { status: 500, title: tell('server.something-broke-on-our-side') },
  'no-pictures': { status: 503, title: tell('server.pictures-out-of-reach') },
  'no-database': { status: 503, title: tell('server.database-is-not-answering') },
} as const;
export type ProblemCode = keyof typeof PROBLEMS;
