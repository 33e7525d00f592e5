import useSWR from 'swr';
import type { Gate } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { mayWork, sheetGates } from '@/core/phases/standing';
import type { StartUpFacts } from '@/core/phases/start-up/move';
import { roundsOf } from '@/core/phases/start-up/start-up-sheet';
import { get } from '@/web/api/http';
import type { EquippedView } from '@/web/phases/job-context';
import { liveMovement } from '@/web/phases/live-movement';
import type { useStartUp } from './use-start-up';

/** What holds the signature, as the server judges it on the whole run. */
export function useStartUpGates(sheet: JobSheet): readonly Gate[] | undefined {
  const { measurements, signOffs, overrides, startUp, job } = sheet;
  const at = [
    measurements.length,
    signOffs.length,
    overrides.length,
    Object.keys(startUp.confirmations).length,
    job.mode,
  ];
  const { data } = useSWR<{ gates: Gate[] }>(
    `/jobs/${job.id}/phases/start-up/gates?circuit=${sheet.circuit.id}&at=${at.join('-')}`,
    get,
    {
      keepPreviousData: true,
    },
  );
  return data?.gates;
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
    live: mine ? liveMovement(view) : undefined,
    staleForS,
    chargeCleared: mayWork(sheetGates(sheet, 'start-up'), ['charge-signed']),
    connecting: mine && !streaming,
    streaming,
    speed: feed.rig?.speed,
    toldRunning: feed.bench?.told ? feed.bench.switches.running === true : undefined,
    anyReading: Object.keys(readings).length > 0,
    anyRound,
    judgement,
    roundInS: streaming || steady.waitS === 0 || !anyRound ? undefined : steady.waitS,
  };
}
