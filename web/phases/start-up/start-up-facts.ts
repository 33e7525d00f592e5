import { useMemo } from 'react';
import useSWR from 'swr';
import type { Finding } from '@/core/finding/finding';
import type { Gate } from '@/core/job/gates';
import { mayWork, sheetGates } from '@/core/phases/standing';
import { isModeProven } from '@/core/phases/start-up/mode-proofs';
import type { StartUpFacts } from '@/core/phases/start-up/move';
import { roundsOf } from '@/core/phases/start-up/rounds';
import { acceptableIn, recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { acceptedOn } from '@/core/phases/start-up/system';
import { useConnection } from '@/web/api/connection';
import { get } from '@/web/api/http';
import { useUnderWay } from '@/web/api/outbox/use-under-way';
import type { EquippedView } from '@/web/phases/job-context';
import { liveMovement } from '@/web/phases/live-movement';
import { upTo, type useStartUp } from './use-start-up';

type StartUpGates = { gates?: readonly Gate[]; acceptable: readonly Finding[] };

/** The same as far as this device knows it: by the run it reads itself, else by what is kept with the readings. */
function gatesHere({ sheet, own }: Pick<EquippedView, 'sheet' | 'own'>): StartUpGates {
  const recorded = recordedStartUp(sheet, (runId, seconds) =>
    own?.id === runId ? upTo(own.snapshot(), seconds) : undefined,
  );
  return { gates: sheetGates(sheet, 'start-up', recorded), acceptable: acceptableIn(sheet, recorded) };
}

/** What holds the signature, and what of the record may be accepted, as the server judges it on the whole run; without one by the device. */
export function useStartUpGates({ sheet, own, me }: Pick<EquippedView, 'sheet' | 'own' | 'me'>): StartUpGates {
  const { lost } = useConnection();
  const underWay = useUnderWay(sheet.job.id, me.id);
  const here = useMemo(() => (lost ? gatesHere({ sheet, own }) : undefined), [lost, sheet, own]);
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
    underWay ? null : `/jobs/${job.id}/phases/start-up/gates?circuit=${sheet.circuit.id}&at=${at.join('-')}`,
    get,
    {
      keepPreviousData: true,
    },
  );
  return here ?? { ...(data ? { gates: data.gates } : {}), acceptable: data?.acceptable ?? [] };
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
