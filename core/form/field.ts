import { z } from 'zod';
import { A_DAY, A_TIME, REFUSED, range, upTo } from '@/core/finding/allow';
import { chars, num, yesNo } from '@/core/finding/quantity-field';
import { type Label, type Said, value } from '@/core/words/said';

/** What a person has said on a form so far, by field. */
export type Answers = Readonly<Record<string, unknown>>;

/** How a field is asked for on a screen. */
export type Shown =
  | { readonly kind: 'number'; readonly unit: string }
  /** Pounds and ounces; kept in oz. */
  | { readonly kind: 'weight' }
  /** A gauge that may stand below atmosphere, then read in inches of mercury; kept in psig. */
  | { readonly kind: 'pressure' }
  /** The clock time of a reading; kept as an ISO date and time. */
  | { readonly kind: 'time' }
  | { readonly kind: 'choice'; readonly options: readonly Option[]; readonly stacked: boolean }
  | { readonly kind: 'several'; readonly options: readonly Option[] }
  | { readonly kind: 'yes' }
  | { readonly kind: 'text' }
  /** A text that may be read off a bar code. */
  | { readonly kind: 'code' }
  /** A day, YYYY-MM-DD. */
  | { readonly kind: 'date' }
  /** A time of the day, HH:MM. */
  | { readonly kind: 'clock' }
  /** Names of people of the company. */
  | { readonly kind: 'people' }
  | { readonly kind: 'cylinder'; readonly use: 'recovery' | 'supply' }
  /** Pieces of a line from one end to the other: feet and way. */
  | { readonly kind: 'pieces' }
  /** A maker's chart: columns, then a point a line. */
  | { readonly kind: 'chart' }
  /** Pairs of minutes and readings, one in a line. */
  | { readonly kind: 'pairs' }
  /** Not asked: the page or the server knows it. */
  | { readonly kind: 'hidden' };
export type Option = readonly [stored: string | number | boolean | null, label: Label];

/** Where a running instrument stands in for the hand: then the server reads it, whatever the screen sent. */
export type Stream =
  /** A channel, averaged over the reading time or as it stands now, to so many decimals. */
  | { readonly channel: string; readonly take: 'mean' | 'now'; readonly digits: number }
  /** How a switch of the bench stood; what was sent counts where it has none. */
  | { readonly bench: string }
  /** Minutes since an order was ended, by the run's own clock. */
  | { readonly minutesSince: string }
  /** The run's own seconds. */
  | { readonly clock: true };

export type Look = {
  readonly hint?: Said;
  /** The question arises only then. */
  readonly when?: (answers: Answers) => boolean;
  /** What stands in it before anybody says anything. */
  readonly start?: unknown;
  /** What is kept where the question does not arise. */
  readonly unasked?: unknown;
  readonly stream?: Stream;
  /** Where the question arises it must be answered. */
  readonly needed?: true;
  /** Asked further down, for who has it at hand: nothing hangs on it. */
  readonly more?: true;
};

/** One thing a form asks: how it is checked, what it is called, how it is asked. Each is written once, here in core. */
export type Field<S extends z.ZodType = z.ZodType> = Look & {
  readonly schema: S;
  readonly label: Label;
  readonly shown: Shown;
};
export type Fields = Readonly<Record<string, Field>>;
type Shape<F extends Fields> = { [K in keyof F]: F[K]['schema'] };
export type BodyOf<F extends Fields> = z.infer<z.ZodObject<Shape<F>, z.core.$strict>>;

/** The schema of a form: its fields and nothing else. */
export function schemaOf<F extends Fields>(fields: F): z.ZodObject<Shape<F>, z.core.$strict> {
  return z.strictObject(Object.fromEntries(Object.entries(fields).map(([k, f]) => [k, f.schema])) as Shape<F>);
}

/** The same, with what is asked only sometimes: there it must be answered, and is told with everything else that is missing. */
export function formSchema(fields: Fields): z.ZodType<Answers> {
  let schema: z.ZodType<Answers> = schemaOf(fields);
  for (const [name, f] of Object.entries(fields)) {
    if (!f.needed) continue;
    schema = schema.refine((answers) => !f.when?.(answers) || answers[name] !== undefined, {
      when: ({ value }) => typeof value === 'object' && value !== null,
      path: [name],
      message: REFUSED.missing,
    });
  }
  return schema;
}

/** The fields of a form with their schema, as a sheet takes them. */
export const formOf = (fields: Fields): { fields: Fields; schema: z.ZodType<Answers> } => ({
  fields,
  schema: formSchema(fields),
});

export const is =
  (name: string, ...values: unknown[]) =>
  (answers: Answers): boolean =>
    values.includes(answers[name]);

const field = <S extends z.ZodType>(schema: S, label: Label, shown: Shown, look: Look = {}): Field<S> => ({
  schema,
  label,
  shown,
  ...look,
});

export const figure = (label: Label, low: number, high: number, unit: string, look?: Look) =>
  field(num(low, high, unit), label, { kind: 'number', unit }, look);
export const count = (label: Label, low: number, high: number, look?: Look) =>
  field(
    z
      .number()
      .int()
      .min(low)
      .max(high)
      .meta(range(low, high, '')),
    label,
    { kind: 'number', unit: '' },
    look,
  );
/** Ounces, typed as pounds and ounces. */
export const weight = (label: Label, low: number, high: number, look?: Look) =>
  field(num(low, high, 'oz'), label, { kind: 'weight' }, look);
/** Gauge pressure of a circuit: from a full vacuum up, psig. */
export const pressure = (label: Label, high: number, look?: Look) =>
  field(num(-15, high, 'psig'), label, { kind: 'pressure' }, look);

export const yes = (label: Label, look?: Look) => field(yesNo, label, { kind: 'yes' }, { unasked: false, ...look });

export const words = (most: number, least = 0) => chars(least, most);
export const text = (label: Label, most: number, least = 0, look?: Look) =>
  field(words(most, least), label, { kind: 'text' }, look);

/** Text that may be read off a bar code on a plate. */
export const code = (label: Label, most: number, least = 0, look?: Look) =>
  field(words(most, least), label, { kind: 'code' }, look);

type Choosing = Look & { readonly stacked?: boolean };
/** One of several names, told by the words of each. */
export const choice = <const T extends readonly [string, ...string[]]>(
  label: Label,
  names: T,
  { stacked = false, ...look }: Choosing = {},
) =>
  field(
    z.enum(names).describe(names.join(', ')),
    label,
    { kind: 'choice', options: names.map((n) => [n, value(n)]), stacked },
    look,
  );
/** One of several names that have words of their own on the form. */
export const pick = <const T extends Record<string, Said>>(
  label: Label,
  options: T,
  { stacked = false, ...look }: Choosing = {},
) => {
  const names = Object.keys(options) as [keyof T & string, ...(keyof T & string)[]];
  return field(
    z.enum(names).describe(names.join(', ')),
    label,
    { kind: 'choice', options: Object.entries(options), stacked },
    look,
  );
};
/** Yes or no, in words of its own. */
export const either = (label: Label, options: readonly (readonly [boolean, Said])[], look?: Look) =>
  field(yesNo, label, { kind: 'choice', options, stacked: false }, look);
/** A number of which a few are usual. */
export const usual = (
  label: Label,
  schema: z.ZodNumber,
  options: readonly (readonly [number, string])[],
  look?: Look,
) => field(schema, label, { kind: 'choice', options, stacked: false }, look);

export const known = (label: Label, options: Record<'yes' | 'no' | 'unknown', Said>, look?: Look) =>
  pick(label, options, look);

export const id = () => z.uuid().describe('a UUID');
/** A day, YYYY-MM-DD. */
export const day = (label: Label, look?: Look) =>
  field(
    z.iso
      .date()
      .refine((s) => s >= '2000' && s < '2101', REFUSED.years)
      .meta(A_DAY),
    label,
    { kind: 'date' },
    look,
  );
/** A time of the day by the clock of the site, HH:MM. */
export const clockTime = (label: Label, look?: Look) =>
  field(
    z
      .string()
      .regex(/^([01]\d|2[0-3]):[0-5]\d$/)
      .meta(A_TIME),
    label,
    { kind: 'clock' },
    look,
  );
/** At least one and at most so many people, by name. */
export const people = (label: Label, most: number, look?: Look) =>
  field(
    z
      .array(words(80, 1))
      .min(1)
      .max(most)
      .refine((names) => new Set(names).size === names.length)
      .meta(upTo(most, 'people')),
    label,
    { kind: 'people' },
    look,
  );
export const cylinder = (label: Label, use: 'recovery' | 'supply', look?: Look) =>
  field(id(), label, { kind: 'cylinder', use }, look);
export const hidden = <S extends z.ZodType>(schema: S, look?: Look) => field(schema, '', { kind: 'hidden' }, look);
export const own = <S extends z.ZodType>(schema: S, label: Label, shown: Shown, look?: Look) =>
  field(schema, label, shown, look);

/** Whether a simulated stand-in gave it; a crew's own hand or instrument leaves it out. */
export const standIn = () => sinceLater(hidden(yesNo));

/** Nothing is an answer too: kept as null. */
export const maybe = <S extends z.ZodType>({ schema, ...rest }: Field<S>): Field<z.ZodNullable<S>> => ({
  start: null,
  unasked: null,
  ...rest,
  schema: schema.nullable(),
});
/** Asked only then, and then it must be answered. */
export const onlyWhen = <S extends z.ZodType>(
  when: (answers: Answers) => boolean,
  { schema, ...rest }: Field<S>,
): Field<z.ZodOptional<S>> => ({ ...rest, when, needed: true, schema: schema.optional() });
/** Asked later than the first records of its kind: an older one has none. */
export const sinceLater = <S extends z.ZodType>({ schema, ...rest }: Field<S>): Field<z.ZodOptional<S>> => ({
  ...rest,
  schema: schema.optional(),
});
