import { z } from 'zod';
import { chars, oneOf } from '@/core/finding/quantity-field';
import { schemaOf } from '@/core/form/field';
import { companyFields } from '@/core/job/company-form';
import type { Certification } from '@/core/job/gates';
import { passwordSchema } from '@/core/job/password';
import type { Role } from '@/core/job/permissions';
import { personFields } from '@/core/job/person-form';
import { CURRENCIES } from '@/core/scope/schools';
import { LANGUAGES, type Language } from '@/core/words/render';
import { idSchema } from './requests';

/** Bodies of the writes of a company: its beginning, its people, its own details. */
const version = z.number().int().min(1).describe('the version you read');

export const setupSchema = z.strictObject({
  /** Printed where the program was started: whoever reads it there is the owner. */
  code: chars(1, 40),
  ...schemaOf(companyFields()).omit({ customerLanguage: true }).shape,
  currency: oneOf(CURRENCIES),
  ownerName: chars(2, 120),
  signIn: chars(3, 120),
  password: passwordSchema,
  language: oneOf(LANGUAGES),
});
export type Setup = z.infer<typeof setupSchema>;

export const companySchema = z.strictObject({ version, ...schemaOf(companyFields()).shape });

const personShape = schemaOf(personFields()).shape;
export const newPersonSchema = z.strictObject({ id: idSchema, ...personShape });
export type NewPerson = z.infer<typeof newPersonSchema>;
export const personUpdateSchema = z.strictObject({ version, ...personShape });
export type PersonUpdate = z.infer<typeof personUpdateSchema>;
export const blockSchema = z.strictObject({ version, blocked: z.boolean().describe('true or false') });
export const acceptSchema = z.strictObject({ password: passwordSchema, language: oneOf(LANGUAGES).optional() });

/** A person as the company keeps them; the password never leaves. */
export type PersonRecord = {
  id: string;
  fullName: string;
  signIn: string;
  role: Role;
  certification: Certification;
  certificateNumber: string | null;
  certifiedUntil: string | null;
  active: boolean;
  /** Has a password of their own. */
  joined: boolean;
  /** An invitation waits until then. */
  inviteUntil: string | null;
  version: number;
};

/** A company as it is set, as everybody in it reads it. */
export type Company = { name: string; timeZone: string; customerLanguage: Language; version: number };
