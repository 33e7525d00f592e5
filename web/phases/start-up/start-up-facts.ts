import useSWR from 'swr';
import type { Finding } from '@/core/finding/finding';
import type { Gate } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { mayWork, sheetGates } from '@/core/phases/standing';
import { isModeProven } from '@/core/phases/start-up/mode-proofs';
import type { StartUpFacts } from '@/core/phases/start-up/move';
import { roundsOf } from '@/core/phases/start-up/rounds';
import { acceptedOn } from '@/core/phases/start-up/system';
import { get } from '@/web/api/http';
import type { EquippedView } from '@/web/phases/job-context';
import { liveMovement } from '@/web/phases/live-movement';
import type { useStartUp } from './use-start-up';

/** What holds the signature, and what of the record may be accepted, as the server judges it on the whole run. */
export function useStartUpGates(sheet: JobSheet): { gates?: readonly Gate[]; acceptable: readonly Finding[] } {
  const { measurements, signOffs, overrides, startUp, acceptances, job } = sheet;
  const at = [
    measurements.length,
    signOffs.length,
    overrides.length,
    acceptances.length,
    Object.keys(startUp.confirmations).length,
    job.mode,
  ];
  const { data } = useSWR<{ gates: Gate[]; acceptable: Finding[] }>(
    `/jobs/${job.id}/phases/start-up/gates?circuit=${sheet.circuit.id}&at=${at.join('-')}`,
    get,
    {
      keepPreviousData: true,
    },
  );
  return { ...(data ? { gates: data.gates } : {}), acceptable: data?.acceptable ?? [] };
}

/** What the next move is judged by, beside the sheet. */
export function startUpFacts(
  view: EquippedView,
  { judgement, steady, readings, streaming, staleForS }: ReturnType<typeof useStartUp>,
  { selected, stale, gates, typing }: Pick<StartUpFacts, 'selected' | 'stale' | 'gates' | 'typing'>,
): StartUpFacts {
  const { sheet, run, feed } = view;
  const mine = run?.phase === 'start-up';
  const anyRound = roundsOf(sheet).length > 0;
  return {
    selected,
    stale,
    gates,
    typing,
    signedBy: sheet.signOffs.find((s) => s.phase === 'start-up')?.by,
    overridden: sheet.overrides.some((o) => o.phase === 'start-up'),
    accepted: acceptedOn(sheet),
    live: mine ? liveMovement(view) : undefined,
    staleForS,
    chargeCleared: mayWork(sheetGates(sheet, 'start-up'), ['charge-signed']),
    setCleared: mayWork(sheetGates(sheet, 'start-up'), ['set-signed']),
    wireCleared: mayWork(sheetGates(sheet, 'start-up'), ['wire-signed']),
    connecting: mine && !streaming,
    streaming,
    speed: feed.rig?.speed,
    toldRunning: feed.bench?.told ? feed.bench.switches.running === true : undefined,
    anyReading: Object.keys(readings).length > 0,
    anyRound,
    mode: sheet.job.mode,
    modeProven: isModeProven(sheet, sheet.job.mode),
    judgement,
    roundInS: streaming || steady.waitS === 0 || !anyRound ? undefined : steady.waitS,
  };
}
