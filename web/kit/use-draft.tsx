import { useEffect, useRef } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { Button } from './Button';
import { useKept } from './use-kept';

type Draft<T> = { values: T; version: number };

/**
 * Keeps a form that fills a page as a draft on this device, until it is saved; `left`: it was there when it opened.
 * `version` is the version of the record the draft was begun on: saved with it, a change made meanwhile is noticed.
 */
export function useDraft<T extends FieldValues>(form: UseFormReturn<T>, key: string, version = 0) {
  const { keep, left, value, drop } = useKept<Draft<T> | undefined>(key, () => undefined);
  const { reset, subscribe } = form;
  const begun = useRef(left && value ? value : undefined);
  useEffect(() => {
    if (begun.current) reset(begun.current.values, { keepDefaultValues: true });
  }, [reset]);
  useEffect(
    () =>
      subscribe({
        formState: { values: true, isDirty: true },
        callback: ({ values, isDirty }) =>
          isDirty || begun.current
            ? keep({ values: values as T, version: begun.current?.version ?? version })
            : undefined,
      }),
    [subscribe, keep, version],
  );
  return {
    left,
    drop,
    version: begun.current?.version ?? version,
    empty: (): void => {
      begun.current = undefined;
      reset();
      drop();
    },
  };
}

/** Says that something stands as it was left, and offers to begin again. */
export function AsLeft({ left, onEmpty }: { left: boolean; onEmpty: () => void }) {
  return left ? (
    <p className="flex items-center gap-2 text-[13.5px] text-ink2">
      {say(tell('web.as-you-left-it'))}
      <Button tone="quiet" onClick={onEmpty}>
        {say(tell('web.empty-it'))}
      </Button>
    </p>
  ) : null;
}
