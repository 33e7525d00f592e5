import { useMemo, useState } from 'react';
import { runCall, triedCalls } from '@/core/controls/control-network';
import { applyEdit, type Edit, withEdits } from '@/core/controls/edits';
import { explain } from '@/core/controls/explain';
import { layFault, type Wired } from '@/core/controls/fault-codes';
import { breachesOf } from '@/core/controls/invariants';
import type { Call } from '@/core/controls/thermostat';
import type { Refusal } from '@/core/finding/outcome';
import type { WireView } from '@/core/phases/wire/view';
import { useKept } from '@/web/kit/use-kept';

/** What somebody tries on the board: a call, safeties held open, changes of conductors that are not kept yet. */
export function useBoard({ wiring, diagnosis }: WireView, key: string) {
  const calls = triedCalls(wiring.spec);
  const [call, setCall] = useState<Call>(calls.includes('cool1') ? 'cool1' : (calls[0] ?? 'off'));
  const [open, setOpen] = useState<readonly string[]>([]);
  // What is tried stays over a reload; it is nobody's record until it is kept.
  const { value: trying, keep: setTrying } = useKept<readonly Edit[]>(`board-${key}`, () => []);
  const [refused, setRefused] = useState<Refusal>();
  const only = diagnosis?.left.length === 1 ? diagnosis.left[0] : undefined;
  const found = only === 'none' ? undefined : only;
  const shown = useMemo((): Wired => {
    const base = found ? layFault(found, wiring.wired, wiring.spec) : wiring.wired;
    return { ...base, plan: withEdits(base.plan, trying) };
  }, [wiring, found, trying]);
  const [want, is] = useMemo(
    () => [runCall(wiring.healthy, call, open), runCall(shown, call, open)],
    [wiring, shown, call, open],
  );
  const wrong = useMemo(() => {
    const e = explain(wiring.spec, wiring.healthy, shown);
    const breaches = breachesOf(wiring.spec, shown);
    return e.otherwise.length || e.met.length || e.telling || breaches.length ? { e, breaches } : undefined;
  }, [wiring, shown]);

  function edit(change: Edit): boolean {
    const r = applyEdit(shown.plan, change);
    setRefused(r.ok ? undefined : r.refused);
    if (r.ok) setTrying([...trying, change]);
    return r.ok;
  }
  return {
    calls,
    call,
    setCall,
    open,
    toggle: (device: string) => setOpen(open.includes(device) ? open.filter((d) => d !== device) : [...open, device]),
    trying,
    undo: () => setTrying(trying.slice(0, -1)),
    reset: () => setTrying([]),
    edit,
    refused,
    shown,
    want,
    is,
    wrong,
    found,
  };
}
export type BoardState = ReturnType<typeof useBoard>;
