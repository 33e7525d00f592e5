import { useCallback, useEffect, useMemo, useState } from 'react';
import { QUANTITIES, QUANTITY_NAMES, type Quantity } from '@/core/startup/quantities';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';

export type TypedTexts = Partial<Record<Quantity, string>>;

/** Typed readings of one system: kept on this device until they are recorded, so that a reload loses nothing. */
export function useTyped(circuitId: string) {
  const key = `mb-typed-${circuitId}`;
  const [texts, setTexts] = useState<TypedTexts>(() => {
    try {
      return JSON.parse(localStorage.getItem(key) ?? '{}') as TypedTexts;
    } catch {
      return {};
    }
  });
  useEffect(() => localStorage.setItem(key, JSON.stringify(texts)), [key, texts]);
  const set = useCallback((name: Quantity, text: string) => setTexts((now) => ({ ...now, [name]: text })), []);
  /** What was recorded leaves its boxes; what was typed while it travelled stays. */
  const recorded = useCallback(
    (then: TypedTexts) =>
      setTexts((now) =>
        Object.fromEntries(Object.entries(now).filter(([name, text]) => then[name as Quantity] !== text)),
      ),
    [],
  );
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
  return { texts, values, troubles, set, recorded };
}
export type Typed = ReturnType<typeof useTyped>;
