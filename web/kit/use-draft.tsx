import { useEffect, useRef } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import type { Said } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { Button } from './Button';
import { useKept } from './use-kept';

type Draft<T> = { values: T; version: number };

/**
 * Keeps a form that fills a page as a draft on this device, until it is saved; `left`: it was there when it opened.
 * `version` is the version of the record the draft was begun on: saved with it, a change made meanwhile is noticed.
 */
export function useDraft<T extends FieldValues>(form: UseFormReturn<T>, key: string, version = 0) {
  const { keep, left, value, drop: dropKept } = useKept<Draft<T> | undefined>(key, () => undefined);
  const { reset, subscribe } = form;
  const begun = useRef(left && value ? value : undefined);
  // Not the newest: what another saves while this form is filled would pass unseen.
  const at = useRef(begun.current?.version ?? version);
  useEffect(() => {
    if (begun.current) reset(begun.current.values, { keepDefaultValues: true });
  }, [reset]);
  useEffect(
    () =>
      subscribe({
        formState: { values: true, isDirty: true },
        callback: ({ values, isDirty }) =>
          isDirty || begun.current ? keep({ values: values as T, version: at.current }) : undefined,
      }),
    [subscribe, keep],
  );
  const drop = (): void => {
    begun.current = undefined;
    at.current = version;
    dropKept();
  };
  return {
    left,
    drop,
    version: at.current,
    empty: (): void => {
      reset();
      drop();
    },
  };
}

type AsLeftProps = { left: boolean; onEmpty: () => void; empty?: Said };

/** Says that something stands as it was left, and offers to begin again: from an empty form, or from what is stored. */
export function AsLeft({ left, onEmpty, empty = tell('web.empty-it') }: AsLeftProps) {
  return left ? (
    <p className="flex items-center gap-2 text-[13.5px] text-ink2">
      {t('web.as-you-left-it')}
      <Button tone="quiet" onClick={onEmpty}>
        {say(empty)}
      </Button>
    </p>
  ) : null;
}
