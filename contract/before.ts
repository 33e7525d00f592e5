import { z } from 'zod';
import { libraryItemSchema, matchedPairSchema } from '@/core/equipment/library-item';
import { modelPatternSchema } from '@/core/equipment/model-pattern';
import { REFUSED } from '@/core/finding/allow';
import { chars, oneOf } from '@/core/finding/quantity-field';
import { FIT_KINDS } from '@/core/fit/sheets';
import { partRowSchema } from '@/core/plan/take-off/part-row';
import { choiceSchema } from '@/core/scope/choice';
import { ownLineSchema } from '@/core/scope/own-line';
import { BEFORE_IDS } from '@/core/scope/survey/before-dismantling';
import { FACTS } from '@/core/scope/survey/facts';
import { CONFIDENCES, METHODS } from '@/core/scope/survey/survey';
import { LANGUAGES } from '@/core/words/render';
import { idSchema, instant } from './requests';

/** Bodies of the writes before the work: survey, scope, fit, equipment library, settings. */
const version = z.number().int().min(0).describe('the version you read, 0 for none');

export const observationSchema = z.strictObject({
  id: idSchema,
  fact: oneOf(FACTS.map((f) => f.key) as [string, ...string[]]),
  /** Null: looked, and not to be seen. What else is allowed depends on the question. */
  value: z
    .union([z.string().max(200), z.number(), z.boolean(), z.null()])
    .describe('an answer of this question, or null'),
  method: z.enum(METHODS).describe(METHODS.join(', ')),
  source: chars(1, 120),
  confidence: z.enum(CONFIDENCES).describe(CONFIDENCES.join(', ')),
  note: chars(0, 500).nullable(),
  photoId: idSchema.nullable(),
  occurredAt: instant,
});
export const observationsSchema = z.strictObject({
  observations: z.array(observationSchema).min(1).max(100).describe('1 to 100 observations'),
});
export type NewObservation = z.infer<typeof observationSchema>;

export const waiverSchema = z.strictObject({ id: idSchema, item: oneOf(BEFORE_IDS), reason: chars(10, 500) });

/** A picture is about a question, an item of the list before dismantling, a fit sheet, a line of the scope, an entry of the log or a phase. */
export const photoSubjectSchema = z
  .string()
  .regex(/^((fact|before|fit|line|entry):[a-zA-Z0-9-]{1,40}|phase:[a-z-]{3,15}:[0-9a-f-]{36})$/)
  .describe(
    'fact:<question>, before:<item>, fit:<sheet>, line:<line of the scope>, entry:<entry of the log> or phase:<phase>:<circuit>',
  );
export const photoSchema = z.strictObject({
  id: idSchema,
  subject: photoSubjectSchema,
  caption: chars(0, 200).nullable(),
  takenAt: instant,
});

export const choiceUpdateSchema = z.strictObject({ version, choice: choiceSchema });
/** The option that the customer takes, and the version of the choice it is put in the place of. */
export const takeOptionSchema = z.strictObject({
  id: idSchema,
  optionId: idSchema,
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
});
export type TakeOption = z.infer<typeof takeOptionSchema>;

export const scopeLineSchema = z.strictObject({ id: idSchema, ...ownLineSchema.shape });
export type NewScopeLine = z.infer<typeof scopeLineSchema>;

export const decisionSchema = z
  .strictObject({
    id: idSchema,
    itemId: chars(1, 60),
    decision: oneOf(['in', 'out']),
    reason: chars(0, 500).nullable(),
  })
  .refine((d) => d.decision === 'in' || (d.reason ?? '').length >= 5, {
    path: ['reason'],
    message: REFUSED.declined,
  });
export type NewDecision = z.infer<typeof decisionSchema>;

/** The pen's path: only moves and lines on the 400 by 140 field. */
const ink = z
  .string()
  .max(40_000)
  .regex(/^(M-?\d{1,3} -?\d{1,3}(L-?\d{1,3} -?\d{1,3})+)+$/)
  .describe('a pen path of moves and lines');
export const customerSignatureSchema = z
  .strictObject({
    id: idSchema,
    subject: z
      .string()
      .regex(/^(scope|change|hand-over|disclosure:[a-z-]{1,30})$/)
      .describe('scope, change, hand-over or disclosure:<part>'),
    answer: oneOf(['yes', 'no']),
    reason: chars(0, 500).nullable(),
    /** The words that stood on the screen; they must be the ones that stand on the sheet now. */
    text: chars(1, 20_000),
    /** The same by id and parameters, and the language it was shown in. */
    said: z.looseObject({ id: z.string().max(120) }).describe('what was shown, by id and parameters'),
    language: oneOf(LANGUAGES),
    customer: chars(2, 120),
    ink: ink.nullable(),
  })
  .refine((s) => s.answer === 'no' || s.ink !== null, { path: ['ink'], message: REFUSED.unsignedYes })
  .refine((s) => s.answer === 'yes' || (s.reason ?? '').length >= 3, {
    path: ['reason'],
    message: REFUSED.bareNo,
  });
export type NewCustomerSignature = z.infer<typeof customerSignatureSchema>;

/** The customer lets a look-again stand: the words shown, the lead's reason in them, a pen. */
export const acceptanceSchema = z.strictObject({
  id: idSchema,
  finding: chars(1, 60),
  reason: chars(10, 500),
  text: chars(1, 4000),
  language: oneOf(LANGUAGES),
  customer: chars(2, 120),
  ink,
});
export type NewAcceptance = z.infer<typeof acceptanceSchema>;

export const fitUpdateSchema = z.strictObject({
  version,
  /** Checked again by the sheet’s own schema. */
  record: z.record(z.string(), z.unknown()).describe('the figures of the sheet'),
  measured: z.array(z.string().max(60)).max(200).describe('paths of the measured figures'),
});
export const fitKindSchema = z.enum(FIT_KINDS);

export const libraryItemsSchema = z.strictObject({
  items: z
    .array(
      z.strictObject({
        id: idSchema,
        fields: libraryItemSchema,
        /** One that is put right, as it was read; a model out of a file has none. */
        version: version.optional(),
      }),
    )
    .min(1)
    .max(100)
    .describe('1 to 100 items'),
});
export const patternsSchema = z.strictObject({
  patterns: z.array(modelPatternSchema).min(1).max(200).describe('1 to 200 rows'),
});
export const partsSchema = z.strictObject({
  parts: z.array(partRowSchema).min(1).max(200).describe('1 to 200 rows'),
});
export const pairsSchema = z.strictObject({
  pairs: z.array(matchedPairSchema).min(1).max(200).describe('1 to 200 pairs'),
});

export const settingsSchema = z.strictObject({
  version: z.number().int().min(1).describe('the version you read'),
  settings: z.record(z.string().max(40), z.union([z.string().max(400), z.number()])).describe('settings by name'),
});
