import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { RunCommand } from '@/contract/requests';
import { movementsOf } from '@/core/job/movements';
import { may } from '@/core/job/permissions';
import { chargeChecks, chargeLabel } from '@/core/phases/charge/charge-record';
import { type BuildUp, judgeCharge } from '@/core/phases/charge/charge-sheet';
import { charge } from '@/core/phases/charge/phase';
import type { EntryKind } from '@/core/phases/log/entries';
import { nextMoveOf } from '@/core/phases/phase';
import { sheetGates } from '@/core/phases/standing';
import { todayAt } from '@/web/api/clock';
import { useConnection } from '@/web/api/connection';
import { post } from '@/web/api/http';
import { orderDevice } from '@/web/device-run/order-device';
import { startOnDevice } from '@/web/device-run/our-runs';
import { namedCertified } from '@/web/kit/CertifiedBy';
import type { EquippedView } from '../job-context';
import { liveMovement, unsheetedOz } from '../live-movement';
import { useClosing } from '../use-closing';
import { usePress } from '../use-press';

export type Weigh = { kind: 'weigh-in' | 'recover'; oz: number };

/** The charge as it stands with what the scale shows now, the one next move, and what pressing it does. */
export function useCharge(view: EquippedView, build: BuildUp) {
  const { sheet, run } = view;
  const { lost } = useConnection();
  const [sheetOpen, setSheetOpen] = useState<'vacuum' | 'typed' | 'scale'>();
  const [entry, setEntry] = useState<EntryKind>();
  const scaleRun = run?.phase === 'charge' ? run : undefined;
  const live = scaleRun ? liveMovement(view) : undefined;
  const gates = sheetGates(sheet, 'charge');
  const checks = chargeChecks(sheet, build, todayAt(sheet.site.timeZone));
  const label = chargeLabel(sheet, build);
  const judged = judgeCharge(sheet, build, (live?.oz ?? 0) + (scaleRun ? unsheetedOz(view) : 0));

  async function move({ kind, oz }: Weigh): Promise<void> {
    const command: RunCommand = { kind, oz: Math.round(oz * 10) / 10, ...namedCertified() };
    if (scaleRun) await view.order(command);
    else if (lost) await orderDevice(await startOnDevice(sheet, view.me, 'charge'), sheet, view.me, command);
    else {
      const started = await view.actions.now(`/jobs/${sheet.job.id}/runs`, { id: uuid(), phase: 'charge', speed: 1 });
      const fresh = started.runs.find((r) => r.state === 'running' && r.phase === 'charge')?.id;
      await post(`/runs/${fresh}/commands`, command);
    }
  }

  const { closing, close } = useClosing(live !== undefined && !live.silent);
  const next = nextMoveOf(charge, sheet, {
    maySign: may(view.me.role, 'sign-work'),
    closing,
    facts: { sheet, judged, gates, checks, label, live, scale: scaleRun !== undefined },
  });
  const weigh = (w: Weigh): unknown => (scaleRun ? move(w) : setSheetOpen('typed'));
  const pressing = usePress(view, 'charge', {
    'close-valve': async () => {
      await view.order({ kind: 'close-valve' });
      close();
    },
    type: () => setSheetOpen('vacuum'),
    write: (action) => setEntry(action.entry),
    'weigh-in': weigh,
    recover: weigh,
  });
  const trimOz = movementsOf(sheet.measurements)
    .filter((m) => m.phase === 'start-up')
    .reduce((s, m) => s + m.oz, 0);
  return {
    ...pressing,
    scaleRun,
    live,
    gates,
    checks,
    label,
    judged,
    next,
    move,
    trimOz,
    sheetOpen,
    setSheetOpen,
    entry,
    setEntry,
  };
}
