/** sysexits.h: a service that is needed is not there. */
const EX_UNAVAILABLE = 69;

/** Says in one line why the process cannot go on, and ends it. */
export function fail(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(EX_UNAVAILABLE);
}
