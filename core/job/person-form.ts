import { choice, day, maybe, text } from '@/core/form/field';
import { CERTIFICATIONS } from './gates';
import { ROLES } from './permissions';
import { tell } from './words';

/** Who works for a company: the name, what they may do, what they are certified for and until when. */
export const personFields = () => ({
  fullName: text(tell('job.full-name'), 120, 2),
  signIn: text(tell('job.sign-in-name'), 120, 3, { hint: tell('job.mail-address-or-short-name') }),
  role: choice(tell('job.role'), ROLES),
  certification: choice(tell('job.certification'), CERTIFICATIONS),
  certificateNumber: text(tell('job.certificate-number'), 40, 0, { hint: tell('job.may-stay-empty') }),
  certifiedUntil: maybe(day(tell('job.certified-until'), { hint: tell('job.empty-where-it-does-not-end') })),
});

/** A certification that has run out counts for nothing until it is renewed. */
export const hasRunOut = (certifiedUntil: string | null, today: string): boolean =>
  certifiedUntil !== null && certifiedUntil < today;
