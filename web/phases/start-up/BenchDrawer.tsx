import { useState } from 'react';
import { ONSETS } from '@/core/plant/onset';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { value } from '@/core/words/said';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { ConnectRun, SourceNotice } from '../instruments/ConnectRun';
import { SpeedChoice } from '../instruments/SpeedChoice';
import type { EquippedView } from '../job-context';
import { CallButtons } from './CallButtons';
import { Stepper } from './Stepper';

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
  { value: 'none', label: t('web.reads-right') },
  { value: 'lost', label: t('web.no-signal') },
  { value: 'stuck', label: say(value('stuck')) },
  { value: 'sun', label: t('web.in-sun') },
  { value: 'loose', label: say(value('loose')) },
] as const;

const ONSET_NAMES = (['none', ...ONSETS] as const).map((o) => ({ value: o as string, label: say(value(o)) }));

/** The instruments of the start-up, the crew's own or simulated: run speed, weather, faults of the system and of its probes. Always marked as simulated. */
export function BenchDrawer({ view, onClose }: { view: EquippedView; onClose: () => void }) {
  const { sheet, feed } = view;
  // The scale of the charge phase may still stream; it is not this phase's bench.
  const run = view.run?.phase === 'start-up' ? view.run : undefined;
  const { busy, problem, act } = useAct();
  const rig = feed.rig;
  const [probe, setProbe] = useState<Quantity>('liquidLineF');
  const send = (command: unknown): Promise<boolean> => act(() => view.order(command as object));
  const configure = (change: Record<string, unknown>): Promise<boolean> => send({ kind: 'configure', change });
  return (
    <Sheet open onClose={onClose} title={t('web.instruments')}>
      <SourceNotice run={run} simulates={t('web.system-and-its-probes')} />
      <div className="mt-4 grid gap-4">
        <Trouble problem={problem} />
        {!run || !rig ? null : (
          <>
            <SpeedChoice speed={rig.speed} send={send} />
            <CallButtons rig={rig} mode={sheet.job.mode} busy={busy} send={send} />
            {rig.conditions.testMode === null ? null : (
              <Choice
                label={t('web.makers-test-mode')}
                value={rig.conditions.testMode ? 'on' : 'off'}
                options={[
                  { value: 'off', label: t('web.follows-demand') },
                  { value: 'on', label: t('web.holds-full-speed') },
                ]}
                onChange={(v) => void configure({ testMode: v === 'on' })}
              />
            )}
            <Stepper
              label={t('web.outdoor-air')}
              unit="°F"
              value={rig.conditions.outdoorF}
              step={2}
              onChange={(outdoorF) => configure({ outdoorF })}
            />
            <Stepper
              label={t('web.indoor-airflow')}
              unit={t('web.of-nominal')}
              value={rig.conditions.indoorAir}
              step={0.1}
              onChange={(indoorAir) => configure({ indoorAir })}
            />
            <Stepper
              label={t('web.filter-loaded')}
              unit={t('web.times-clean')}
              value={rig.conditions.filterLoaded}
              step={1}
              onChange={(filterLoaded) => configure({ filterLoaded })}
            />
            {rig.conditions.stripsOn === null ? null : (
              <Stepper
                label={t('web.electric-heat-on')}
                unit={t('web.stages-2')}
                value={rig.conditions.stripsOn}
                step={1}
                onChange={(stripsOn) => configure({ stripsOn })}
              />
            )}
            <Stepper
              label={t('web.outdoor-coil-cleanness')}
              unit={t('web.of-clean')}
              value={rig.conditions.condenserClean}
              step={0.1}
              onChange={(condenserClean) => configure({ condenserClean })}
            />
            <Stepper
              label={t('web.air-in-system')}
              unit="psi"
              value={rig.conditions.nonCondensablePsi}
              step={10}
              onChange={(nonCondensablePsi) => configure({ nonCondensablePsi })}
            />
            <Choice
              label={t('web.comes-on-over-ten-minutes')}
              value={rig.conditions.onset}
              options={ONSET_NAMES}
              onChange={(onset) => void configure({ onset })}
            />
            <div>
              <label className="text-[13px] font-[600]" htmlFor="probe">
                {t('web.probe')}
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
                label={t('web.its-reading')}
                value={(rig.conditions.probeFaults[probe] ?? 'none') as string}
                options={FAULTS}
                onChange={(fault) => void configure({ probeFaults: { ...rig.conditions.probeFaults, [probe]: fault } })}
              />
            </div>
            <p className="text-[12.5px] text-ink2">
              {t('web.stored-up-to-chunk-of-newest', {
                durableSeq: feed.durableSeq,
                seq: feed.seq,
                latencyMs: feed.latencyMs,
              })}
            </p>
          </>
        )}
        <ConnectRun view={view} phase="start-up" />
      </div>
    </Sheet>
  );
}
