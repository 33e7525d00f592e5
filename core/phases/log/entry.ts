import { z } from 'zod';
import { A_MOMENT } from '@/core/finding/allow';
import { num } from '@/core/finding/quantity-field';
import { type BodyOf, type Fields, hidden, id, own, schemaOf } from '@/core/form/field';
import type { Said } from '@/core/words/said';

/** One kind of entry of the circuit log, defined once: fields, form, line in the log, caution, sample. */
export type EntryDef<F extends Fields = Fields> = {
  readonly title: Said;
  readonly fields: F;
  readonly schema: ReturnType<typeof schemaOf<F>>;
  /** One entry in a line, for the log and the report. */
  readonly line: (body: BodyOf<F>) => Said;
  /** The caution that belongs to the step, shown where the hazard is met. */
  readonly caution?: Said;
  /** Only the newest counts: its form shows it again, and a change supersedes it. */
  readonly edited: boolean;
  /** Its form starts from the newest of its kind. */
  readonly likeLast: boolean;
  /** Its form is offered by hand on the page of its phase. */
  readonly offered: boolean;
  /** Written by a tap on the page: it has no form. */
  readonly byTap: boolean;
  /** Of the whole job, whichever circuit is looked at. */
  readonly ofJob: boolean;
  /** Of one system of the house, whichever of its circuits is looked at. */
  readonly ofSystem: boolean;
  /** Kept with its system, but read on the circuit that it was written for: another circuit has its own. */
  readonly ofItsCircuit: boolean;
  /** Written after the hand-over too: the sheet is closed, the crew comes back. */
  readonly afterHandOver: boolean;
  /** Puts figures in order that instruments read, before they are kept. */
  readonly settle: (body: BodyOf<F>) => BodyOf<F>;
};

export function entry<const F extends Fields>(
  title: Said,
  fields: F,
  line: (body: BodyOf<F>) => Said,
  more: Partial<Omit<EntryDef<F>, 'title' | 'fields' | 'schema' | 'line'>> = {},
): EntryDef<F> {
  return {
    title,
    fields,
    schema: schemaOf(fields),
    line,
    edited: false,
    likeLast: false,
    offered: more.byTap !== true,
    byTap: false,
    ofJob: false,
    ofSystem: false,
    ofItsCircuit: false,
    afterHandOver: false,
    settle: (body) => body,
    ...more,
  };
}

const AT = z.iso
  .datetime({ offset: true })
  .refine((s) => /^20\d\d-/.test(s), 'outside the years this sheet knows')
  .meta(A_MOMENT)
  .optional();
/** When a typed reading was taken; without it the moment of writing counts. */
export const readAt = (label: Said) => own(AT, label, { kind: 'time' });

/** The run that an entry's figures are read from; null where a person typed them. */
export const runId = () => hidden(id().nullable(), { start: null });
export const runSeconds = () => hidden(num(0, 10_000_000, 's').nullable(), { start: null, stream: { clock: true } });
