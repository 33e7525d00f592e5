import { useCallback, useMemo, useState } from 'react';
import { QUANTITIES, QUANTITY_NAMES, type Quantity } from '@/core/startup/quantities';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';

export type TypedTexts = Partial<Record<Quantity, string>>;

/** Typed readings of one job: kept on this device until they are recorded, so that a reload loses nothing. */
export function useTyped(jobId: string) {
  const key = `mb-typed-${jobId}`;
  const [texts, setTexts] = useState<TypedTexts>(() => {
    try {
      return JSON.parse(localStorage.getItem(key) ?? '{}') as TypedTexts;
    } catch {
      return {};
    }
  });
  const keep = useCallback(
    (next: TypedTexts) => {
      localStorage.setItem(key, JSON.stringify(next));
      setTexts(next);
    },
    [key],
  );
  const set = useCallback((name: Quantity, text: string) => keep({ ...texts, [name]: text }), [texts, keep]);
  const clear = useCallback(() => keep({}), [keep]);
  const { values, troubles } = useMemo(() => {
    const good: Partial<Record<Quantity, number>> = {};
    const bad: Partial<Record<Quantity, { message: string; allowed: string }>> = {};
    for (const name of QUANTITY_NAMES) {
      const text = texts[name];
      if (text === undefined || text.trim() === '') continue;
      const spec = QUANTITIES[name];
      const trouble = typedTrouble(text, spec.low, spec.high, spec.unit);
      if (trouble) bad[name] = trouble;
      else good[name] = numberFromText(text)!;
    }
    return { values: good, troubles: bad };
  }, [texts]);
  return { texts, values, troubles, set, clear };
}
export type Typed = ReturnType<typeof useTyped>;

export type TypedReadings = ReturnType<typeof useTyped>;
