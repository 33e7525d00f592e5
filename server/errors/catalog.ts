/** Every error the server answers with: one stable code, its HTTP status and its title. docs/formats.md lists the same. */
export const PROBLEMS = {
  'bad-input': { status: 400, title: 'Something typed cannot be used' },
  'not-signed-in': { status: 401, title: 'Sign in first' },
  'wrong-sign-in': { status: 401, title: 'Name or password is wrong' },
  'not-allowed': { status: 403, title: 'Your role may not do this' },
  'wrong-origin': { status: 403, title: 'The request came from another site' },
  'wrong-host': { status: 421, title: 'This server does not go by that name' },
  'not-found': { status: 404, title: 'There is no such thing here' },
  'stale-version': { status: 409, title: 'Someone changed this after you read it' },
  'other-body': { status: 409, title: 'This id already holds something else' },
  'gate-held': { status: 409, title: 'A gate holds this phase' },
  'already-signed': { status: 409, title: 'This phase is already signed' },
  'run-state': { status: 409, title: 'The run is not in a state for this' },
  'too-large': { status: 413, title: 'The request is too large' },
  'too-many': { status: 429, title: 'Too much at once; wait a moment' },
  busy: { status: 503, title: 'Others hold what this needs; try again' },
  internal: { status: 500, title: 'Something broke on our side' },
  'no-database': { status: 503, title: 'The database is not answering' },
} as const;
export type ProblemCode = keyof typeof PROBLEMS;
