import { useState } from 'react';
import { SPEEDS } from '@/contract/requests';
import { MODELLED_REFRIGERANTS } from '@/core/plant/parameters';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { value } from '@/core/words/said';
import { post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { ConnectRun, SourceNotice } from '../instruments/ConnectRun';
import type { EquippedView } from '../job-context';

const PROBES: Quantity[] = [
  'suctionPsig',
  'liquidPsig',
  'suctionLineF',
  'liquidLineF',
  'outdoorDryBulbF',
  'returnDryBulbF',
  'supplyDryBulbF',
  'compressorA',
];
const FAULTS = [
  { value: 'none', label: say(tell('web.reads-right')) },
  { value: 'lost', label: say(tell('web.no-signal')) },
  { value: 'stuck', label: say(value('stuck')) },
  { value: 'sun', label: say(tell('web.in-sun')) },
  { value: 'loose', label: say(value('loose')) },
] as const;

/** The instruments of the start-up, the crew's own or simulated: run speed, weather, faults of the system and of its probes. Always marked as simulated. */
export function BenchDrawer({ view, onClose }: { view: EquippedView; onClose: () => void }) {
  const { sheet, feed } = view;
  // The scale of the charge phase may still stream; it is not this phase's bench.
  const run = view.run?.phase === 'start-up' ? view.run : undefined;
  const { busy, problem, act } = useAct();
  const rig = feed.rig;
  const [probe, setProbe] = useState<Quantity>('liquidLineF');
  const send = (command: unknown): Promise<boolean> => act(() => post(`/runs/${run?.id}/commands`, command));
  const configure = (change: Record<string, unknown>): Promise<boolean> => send({ kind: 'configure', change });
  const modelled = (MODELLED_REFRIGERANTS as readonly string[]).includes(sheet.circuit.plate.refrigerant);
  return (
    <Sheet open onClose={onClose} title={say(tell('web.instruments'))}>
      <SourceNotice run={run} simulates={say(tell('web.system-and-its-probes'))} />
      <div className="mt-4 grid gap-4">
        <Trouble problem={problem} />
        {!run || !rig ? null : (
          <>
            <Choice
              label={say(tell('web.speed-times-real-time'))}
              value={rig.speed}
              options={SPEEDS.map((s) => ({ value: s, label: `${s}×` }))}
              onChange={(speed) => void send({ kind: 'speed', speed })}
            />
            <div>
              <div className="text-[13px] font-[600]">{say(tell('web.cooling-call'))}</div>
              <Button
                className="mt-1 w-full"
                disabled={busy}
                onClick={() => void send({ kind: rig.running ? 'stop' : 'start' })}
              >
                {rig.running ? say(tell('web.end-call')) : say(tell('web.call-for-cooling'))}
              </Button>
              {rig.cutout !== 'none' ? (
                <p className="mt-1 text-[13px] font-[600] text-oxide">
                  {say(tell('web.tripped-on', { cutout: value(rig.cutout) }))}
                </p>
              ) : null}
            </div>
            <Stepper
              label={say(tell('web.outdoor-air'))}
              unit="°F"
              value={rig.conditions.outdoorF}
              step={2}
              onChange={(outdoorF) => configure({ outdoorF })}
            />
            <Stepper
              label={say(tell('web.indoor-airflow'))}
              unit={say(tell('web.of-nominal'))}
              value={rig.conditions.indoorAir}
              step={0.1}
              onChange={(indoorAir) => configure({ indoorAir })}
            />
            <Stepper
              label={say(tell('web.outdoor-coil-cleanness'))}
              unit={say(tell('web.of-clean'))}
              value={rig.conditions.condenserClean}
              step={0.1}
              onChange={(condenserClean) => configure({ condenserClean })}
            />
            <Stepper
              label={say(tell('web.air-in-system'))}
              unit="psi"
              value={rig.conditions.nonCondensablePsi}
              step={10}
              onChange={(nonCondensablePsi) => configure({ nonCondensablePsi })}
            />
            <div>
              <label className="text-[13px] font-[600]" htmlFor="probe">
                {say(tell('web.probe'))}
              </label>
              <select
                id="probe"
                value={probe}
                onChange={(e) => setProbe(e.target.value as Quantity)}
                className="touch mt-0.5 mb-2 w-full border-[1.5px] border-rule bg-sheet px-2"
              >
                {PROBES.map((p) => (
                  <option key={p} value={p}>
                    {say(QUANTITIES[p].label)}
                  </option>
                ))}
              </select>
              <Choice
                label={say(tell('web.its-reading'))}
                value={(rig.conditions.probeFaults[probe] ?? 'none') as string}
                options={FAULTS}
                onChange={(fault) => void configure({ probeFaults: { ...rig.conditions.probeFaults, [probe]: fault } })}
              />
            </div>
            <p className="text-[12.5px] text-ink2">
              {say(
                tell('web.stored-up-to-chunk-of-newest', {
                  durableSeq: feed.durableSeq,
                  seq: feed.seq,
                  latencyMs: feed.latencyMs,
                }),
              )}
            </p>
          </>
        )}
        <ConnectRun
          view={view}
          phase="start-up"
          simulated={modelled}
          unsimulated={say(
            tell('web.is-not-simulated-yet-connect-instruments', { refrigerant: sheet.circuit.plate.refrigerant }),
          )}
        />
      </div>
    </Sheet>
  );
}

function Stepper({
  label,
  unit,
  value,
  step,
  onChange,
}: {
  label: string;
  unit: string;
  value: number;
  step: number;
  onChange: (value: number) => void;
}) {
  const next = (d: number): number => Math.round((value + d) * 100) / 100;
  return (
    <div className="grid grid-cols-[1fr_48px_84px_48px] items-center gap-1">
      <span className="text-[14px] leading-tight font-[600]">
        {label} <small className="block font-[450] text-ink2">{unit}</small>
      </span>
      <Button aria-label={`${label} down`} className="px-0" onClick={() => onChange(next(-step))}>
        −
      </Button>
      <b className="text-center text-[18px] font-[660]">{value}</b>
      <Button aria-label={`${label} up`} className="px-0" onClick={() => onChange(next(step))}>
        +
      </Button>
    </div>
  );
}
