import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { odText } from '@/core/circuit/acr-tube';
import { plateWarnings } from '@/core/equipment/plate-checks';
import { markedOn } from '@/core/job/marked';
import { movementsOf } from '@/core/job/movements';
import { may } from '@/core/job/permissions';
import { chargeChecks, chargeLabel } from '@/core/phases/charge/charge-record';
import { type BuildUp, buildUpOf, judgeCharge } from '@/core/phases/charge/charge-sheet';
import { charge } from '@/core/phases/charge/phase';
import type { EntryKind } from '@/core/phases/log/entries';
import { nextMoveOf } from '@/core/phases/phase';
import { sheetGates } from '@/core/phases/standing';
import { MODELLED_REFRIGERANTS } from '@/core/plant/parameters';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { dayAt } from '@/core/words/calendar';
import { post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { CertifiedBy, namedCertified } from '@/web/kit/CertifiedBy';
import { Mark } from '@/web/kit/Mark';
import { Notice, Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import type { EquippedView } from '../job-context';
import { liveMovement, unsheetedOz } from '../live-movement';
import { MovementLog } from '../MovementLog';
import { NextMove } from '../NextMove';
import { useClosing } from '../use-closing';
import { usePress } from '../use-press';
import { BuildUpPicture } from './BuildUpPicture';
import { ChargeSide } from './ChargeSide';
import { ScaleSheet } from './ScaleSheet';
import { TypedMovement } from './TypedMovement';
import { VacuumForm } from './VacuumForm';

type Weigh = { kind: 'weigh-in' | 'recover'; oz: number };

export default function ChargePage(view: EquippedView) {
  const { sheet } = view;
  const navigate = useNavigate();
  const build = buildUpOf(sheet);
  if (!build.ok) {
    return (
      <JobFrame
        sheet={sheet}
        active="charge"
        next={
          <NextMoveBar
            kind="not-proven"
            say={say(tell('web.mend-equipment-data-first'))}
            because={say(build.refused.message)}
          >
            <Button tone="primary" onClick={() => navigate('../equipment', { relative: 'path' })}>
              {say(tell('web.open-equipment'))}
            </Button>
          </NextMoveBar>
        }
      >
        <p className="p-6">
          {say(tell('web.allowed', { message: build.refused.message, allowed: build.refused.allowed }))}
        </p>
      </JobFrame>
    );
  }
  return <ChargeBench view={view} build={build.value} />;
}

function ChargeBench({ view, build }: { view: EquippedView; build: BuildUp }) {
  const { sheet, run } = view;
  const { plate } = sheet.circuit;
  const [sheetOpen, setSheetOpen] = useState<'vacuum' | 'typed' | 'scale'>();
  const [entry, setEntry] = useState<EntryKind>();
  const signed = sheet.signOffs.find((s) => s.phase === 'charge');
  const scaleRun = run?.phase === 'charge' ? run : undefined;
  const live = scaleRun ? liveMovement(view) : undefined;
  const gates = sheetGates(sheet, 'charge');
  const checks = chargeChecks(sheet, build, dayAt(new Date(), sheet.site.timeZone));
  const label = chargeLabel(sheet, build);
  const modelled = (MODELLED_REFRIGERANTS as readonly string[]).includes(plate.refrigerant);

  const judged = judgeCharge(sheet, build, (live?.oz ?? 0) + (run?.phase === 'charge' ? unsheetedOz(view) : 0));

  async function move(kind: 'weigh-in' | 'recover', oz: number): Promise<void> {
    let runId = scaleRun?.id;
    if (!runId) {
      const started = await view.actions.now(`/jobs/${sheet.job.id}/runs`, {
        id: uuid(),
        phase: 'charge',
        speed: 1,
      });
      runId = started.runs.find((r) => r.state === 'running' && r.phase === 'charge')?.id;
    }
    await post(`/runs/${runId}/commands`, {
      kind,
      oz: Math.round(oz * 10) / 10,
      ...namedCertified(),
    });
  }

  const { closing, close } = useClosing(live !== undefined && !live.silent);
  const next = nextMoveOf(charge, sheet, {
    maySign: may(view.me.role, 'sign-work'),
    closing,
    facts: { sheet, judged, gates, checks, label, live, scale: scaleRun !== undefined },
  });
  const weigh = ({ kind, oz }: Weigh): unknown => (scaleRun ? move(kind, oz) : setSheetOpen('typed'));
  const { press, busy, problem, act } = usePress(view, 'charge', {
    'close-valve': async () => {
      await post(`/runs/${run?.id}/commands`, { kind: 'close-valve' });
      close();
    },
    type: () => setSheetOpen('vacuum'),
    write: (action) => setEntry(action.entry),
    'weigh-in': weigh,
    recover: weigh,
  });
  /** Without a scale that streams the weights are typed; the simulated one stands beside, for practice. */
  const asked = next.button?.action;
  const weighing = asked && (asked.kind === 'weigh-in' || asked.kind === 'recover') ? asked : undefined;

  const trimOz = movementsOf(sheet.measurements)
    .filter((m) => m.phase === 'start-up')
    .reduce((s, m) => s + m.oz, 0);
  const warning = plateWarnings(plate).filter((w) => w.field === 'lineLengthFt' || w.field === 'factoryChargeOz');
  return (
    <JobFrame
      sheet={sheet}
      active="charge"
      marked={markedOn(sheet, 'charge', scaleRun)}
      side={
        <ChargeSide
          view={view}
          build={build}
          state={judged.state}
          checks={checks}
          gates={gates}
          label={label}
          onOpen={setSheetOpen}
          onEntry={setEntry}
        />
      }
      next={
        <NextMove move={next} busy={busy} press={press}>
          {weighing && !scaleRun && modelled ? (
            <Button disabled={busy} onClick={() => void act(() => move(weighing.kind, weighing.oz))}>
              {say(
                tell('web.oz-simulated-scale', {
                  kind: weighing.kind === 'weigh-in' ? say(tell('web.weigh-in')) : say(tell('web.recover')),
                  oz: weighing.oz.toFixed(1),
                }),
              )}
            </Button>
          ) : null}
        </NextMove>
      }
    >
      <div className="px-4 py-3.5 lg:px-5">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[23px]">{say(tell('web.charge'))}</h1>
          <span className="text-ink2">
            {plate.refrigerant},{' '}
            {REFRIGERANT_FACTS[plate.refrigerant].blend
              ? say(tell('web.blend-liquid-only-cylinder-upside-down'))
              : say(tell('web.single-fluid'))}
          </span>
          <span className="ml-auto flex items-center gap-2 font-[650]">
            <Mark
              kind={
                signed
                  ? 'good'
                  : judged.finding.verdict === 'good'
                    ? 'good'
                    : judged.finding.verdict === 'not-proven'
                      ? 'now'
                      : judged.finding.verdict
              }
            />
            {signed ? say(tell('web.signed-by', { by: signed.by })) : say(judged.finding.claim)}
          </span>
        </div>
        <div className="mt-4">
          <BuildUpPicture
            build={withTrim(build, trimOz)}
            state={{ ...judged.state, inSystemOz: judged.state.inSystemOz + trimOz }}
            moving={!!live}
          />
        </div>
        <div className="mt-4 grid gap-2.5">
          {!signed && scaleRun ? <CertifiedBy /> : null}
          <Trouble problem={problem} />
          {warning.map((w) => (
            <Notice key={w.field} kind="look-again">
              {say(w.say)}
            </Notice>
          ))}
          {build.makerDiffers ? (
            <Notice kind="look-again">
              {say(
                tell('web.makers-oz-ft-is-more-than', {
                  ozPerFt: build.ozPerFt.toFixed(2),
                  physicsOzPerFt: build.physicsOzPerFt.toFixed(2),
                  liquidLineOdIn: odText(plate.liquidLineOdIn),
                }),
              )}
            </Notice>
          ) : null}
          {!signed ? (
            <Notice kind="look-again">
              {say(
                tell('web.gloves-and-eye-protection-liquid-refrigerant', {
                  safetyGroup:
                    REFRIGERANT_FACTS[plate.refrigerant].safetyGroup === 'A2L'
                      ? say(tell('web.a2l-ventilate-no-flame-or-spark'))
                      : '',
                }),
              )}
            </Notice>
          ) : null}
          <MovementLog view={view} />
        </div>
      </div>
      {entry ? <EntrySheet key={entry} view={view} kind={entry} onClose={() => setEntry(undefined)} /> : null}
      {sheetOpen === 'vacuum' ? <VacuumForm view={view} onClose={() => setSheetOpen(undefined)} /> : null}
      {sheetOpen === 'scale' ? (
        <ScaleSheet view={view} modelled={modelled} onClose={() => setSheetOpen(undefined)} />
      ) : null}
      {sheetOpen === 'typed' ? (
        <TypedMovement view={view} phase="charge" onClose={() => setSheetOpen(undefined)} />
      ) : null}
    </JobFrame>
  );
}

/** What start-up added or took back stands on the build-up as its own part. */
function withTrim(build: BuildUp, trimOz: number): BuildUp {
  if (Math.abs(trimOz) < 0.05) return build;
  return {
    ...build,
    totalOz: build.totalOz + trimOz,
    parts: [
      ...build.parts,
      { id: 'trim', label: tell('web.trim-at-start-up'), oz: trimOz, how: tell('web.by-superheat-or-subcooling') },
    ],
  };
}
