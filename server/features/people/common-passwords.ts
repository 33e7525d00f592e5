import { tell as found } from '@/core/finding/words';
import { LEAST_PASSWORD } from '@/core/job/password';
import { badInput } from '@/server/errors/problem';

/** As many signs about a usual word as people put there to satisfy a rule. */
const TRIMMINGS = 5;
/** A shorter stem is a syllable, not somebody's password. */
const LEAST_STEM = 6;

let usual: Promise<ReadonlySet<string>> | undefined;

/** About 49,000 that turn up again and again in lists of stolen ones (the dictionary of @zxcvbn-ts/language-common). */
async function loaded(): Promise<ReadonlySet<string>> {
  const { dictionary } = await import('@zxcvbn-ts/language-common');
  return new Set(dictionary['passwords-common'] as string[]);
}

/** Whether it is one of those that are tried first: as it stands, or with digits and signs before or after it. */
export async function isUsual(password: string): Promise<boolean> {
  usual ??= loaded();
  const words = await usual;
  const plain = password.toLowerCase();
  const stem = plain.replace(/^[^\p{L}]+|[^\p{L}]+$/gu, '');
  return words.has(plain) || (stem.length >= LEAST_STEM && plain.length - stem.length <= TRIMMINGS && words.has(stem));
}

/** Refuses a new password that stands in the list; the length is the schema's. */
export async function mustBeUnusual(password: string): Promise<void> {
  if (await isUsual(password))
    throw badInput(
      'password',
      found('finding.common-password'),
      found('finding.password-of', { least: LEAST_PASSWORD }),
    );
}
