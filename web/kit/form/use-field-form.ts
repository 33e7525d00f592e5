import { useEffect, useMemo, useRef, useState } from 'react';
import { type Resolver, useForm, useWatch } from 'react-hook-form';
import type { z } from 'zod';
import type { Answers, Fields } from '@/core/form/field';
import type { Said } from '@/core/words/said';
import { useKept } from '@/web/kit/use-kept';
import { say } from '@/web/words/say';
import { type Boxes, bodyOf, refusalsOf, startOf } from './boxes';

/** What two answers that contradict each other say, by field. */
export type Standing = (answers: Answers) => Readonly<Record<string, Said | undefined>>;
export type FormOf = { fields: Fields; schema: z.ZodType };

/**
 * One form of fields: its boxes, what stands in the way of saving, and a draft on this device that outlives a closed sheet,
 * Back and a reload until it is saved.
 *
 * @param known what the page knows already; read once, when the form opens
 * @param draft whose form of what it is
 * @param stands what two answers that contradict each other say, by field
 */
export function useFieldForm({ fields, schema }: FormOf, known: Answers, draft: string, stands?: Standing) {
  const [start] = useState<Boxes>(() => startOf(fields, known));
  const kept = useKept<Boxes>(draft, () => start);
  const standing = useRef(stands);
  standing.current = stands;
  const resolver = useMemo(
    (): Resolver<Boxes, unknown, Answers> => (boxes) => {
      const { body, unreadable } = bodyOf(fields, boxes);
      const against = Object.entries(standing.current?.(body) ?? {}).flatMap(([name, said]): [string, string][] =>
        said ? [[name, say(said)]] : [],
      );
      const refusals = Object.entries({ ...Object.fromEntries(against), ...refusalsOf(schema, body, unreadable) });
      if (refusals.length === 0) return { values: body, errors: {} };
      return {
        values: {},
        errors: Object.fromEntries(refusals.map(([name, message]) => [name || 'root', { type: 'refused', message }])),
      };
    },
    [fields, schema],
  );
  const form = useForm<Boxes, unknown, Answers>({ defaultValues: start, resolver, shouldFocusError: false });
  const { reset, setValue, control, formState } = form;
  // The draft is what somebody typed, not what the form starts from: it can be emptied again.
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return;
    opened.current = true;
    if (kept.left) reset(kept.value, { keepDefaultValues: true });
  }, [kept.left, kept.value, reset]);
  const boxes = useWatch({ control }) as Boxes;
  const { submitCount } = formState;
  return {
    boxes,
    /** Something stands here that is not saved yet. */
    changed: formState.isDirty,
    /** It was left half typed before. */
    left: kept.left,
    error: (name: string): string | undefined =>
      submitCount ? (formState.errors[name]?.message as string | undefined) : undefined,
    put: (name: string, value: unknown): void => {
      setValue(name, value, { shouldDirty: true, shouldValidate: submitCount > 0 });
      kept.keep({ ...form.getValues(), [name]: value });
    },
    empty: (): void => {
      reset(start);
      kept.drop();
    },
    drop: kept.drop,
    submit: (send: (body: Answers) => unknown) => form.handleSubmit((body) => void send(body)),
  };
}
