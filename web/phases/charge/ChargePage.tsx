import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { odText } from '@/core/circuit/acr-tube';
import { UNIT_STATE_WORDS } from '@/core/circuit/total-charge';
import { lbOz } from '@/core/circuit/weigh-in';
import { plateWarnings } from '@/core/equipment/plate-checks';
import type { NextMove } from '@/core/finding/finding';
import { type BuildUp, buildUp, judgeCharge } from '@/core/job/charge-sheet';
import { passes } from '@/core/job/gates';
import { sheetGates } from '@/core/job/sheet-gates';
import { MODELLED_REFRIGERANTS } from '@/core/plant/parameters';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { shown, withUnit } from '@/core/units/format';
import { post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Notice, Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { useKeys } from '@/web/shell/use-keys';
import { GateList } from '../GateList';
import type { EquippedView } from '../job-context';
import { liveMovement, unsheetedOz } from '../live-movement';
import { MovementLog } from '../MovementLog';
import { BuildUpPicture } from './BuildUpPicture';
import { TypedMovement } from './TypedMovement';
import { VacuumForm } from './VacuumForm';

export default function ChargePage(view: EquippedView) {
  const { sheet } = view;
  const navigate = useNavigate();
  const build = buildUp(sheet.circuit.plate);
  if (!build.ok) {
    return (
      <JobFrame
        sheet={sheet}
        active="charge"
        simulated={false}
        next={
          <NextMoveBar kind="not-proven" say="Mend the equipment data first." because={build.refused.message}>
            <Button tone="primary" onClick={() => navigate('../equipment', { relative: 'path' })}>
              Open equipment
            </Button>
          </NextMoveBar>
        }
      >
        <p className="p-6">
          {build.refused.message} Allowed: {build.refused.allowed}.
        </p>
      </JobFrame>
    );
  }
  return <ChargeBench view={view} build={build.value} />;
}

function ChargeBench({ view, build }: { view: EquippedView; build: BuildUp }) {
  const { sheet, feed, run } = view;
  const { plate } = sheet.circuit;
  const [sheetOpen, setSheetOpen] = useState<'vacuum' | 'typed'>();
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  const signed = sheet.signOffs.find((s) => s.phase === 'charge');
  const live = run?.phase === 'charge' ? liveMovement(view) : undefined;
  const gates = sheetGates(sheet, 'charge');
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  const modelled = (MODELLED_REFRIGERANTS as readonly string[]).includes(plate.refrigerant);

  const judged = judgeCharge(sheet, build, (live?.oz ?? 0) + (run?.phase === 'charge' ? unsheetedOz(view) : 0));

  async function move(kind: 'weigh-in' | 'recover', oz: number): Promise<void> {
    await act(async () => {
      let runId = run?.id;
      if (run?.phase !== 'charge') {
        runId = uuid();
        await view.actions.send(`/jobs/${sheet.job.id}/runs`, { id: runId, phase: 'charge', speed: 1 });
      }
      await post(`/runs/${runId}/commands`, { kind, oz: Math.round(oz * 10) / 10 });
    });
  }

  const next = nextOf();
  const press = next.press;
  useKeys({ n: () => !busy && press?.() });

  function nextOf(): {
    kind: Parameters<typeof NextMoveBar>[0]['kind'];
    say: string;
    because: string;
    label?: string;
    press?: () => void;
  } {
    if (signed)
      return {
        kind: 'good',
        say: 'Charge signed. Go on to the start-up.',
        because: `${signed.by} signed ${lbOz(judged.state.inSystemOz)} in the system.`,
        label: 'Go to start-up',
        press: () => navigate('../start-up', { relative: 'path' }),
      };
    if (live)
      return {
        kind: 'now',
        say: live.recovering
          ? `Recovering: ${(-live.oz).toFixed(1)} oz so far.`
          : `Weighing in: ${live.oz.toFixed(1)} oz so far, ${live.leftOz.toFixed(1)} oz to go.`,
        because: 'Liquid into the high side, system off. Watch the scale; close the valve to stop early.',
        label: 'Close the valve',
        press: () => void act(() => post(`/runs/${run?.id}/commands`, { kind: 'close-valve' })),
      };
    if (held('standing-vacuum'))
      return {
        kind: 'not-proven',
        say: 'Prove the vacuum first: record the standing test.',
        because: `No refrigerant before it. ${gates.find((g) => g.id === 'standing-vacuum')?.say}.`,
        label: 'Record the test',
        press: () => setSheetOpen('vacuum'),
      };
    return fromMove(judged.next);
  }

  function fromMove(move_: NextMove): ReturnType<typeof nextOf> {
    const { say, because, action } = move_;
    if (action.kind === 'weigh-in' || action.kind === 'recover') {
      const oz = action.oz;
      const label = `${action.kind === 'weigh-in' ? 'Weigh in' : 'Recover'} ${oz.toFixed(1)} oz`;
      return {
        kind: action.kind === 'recover' ? judged.finding.verdict : 'now',
        say,
        because,
        label: modelled ? label : 'Type the amount',
        press: () => (modelled ? void move(action.kind, oz) : setSheetOpen('typed')),
      };
    }
    const barred = gates.find((g) => !passes(g));
    if (barred) return { kind: 'not-proven', say: `Held: ${barred.asks}.`, because: barred.say };
    const may = view.me.role === 'lead' || view.me.role === 'owner';
    return {
      kind: 'good',
      say,
      because,
      label: may ? 'Sign the charge' : undefined,
      press: may
        ? () => void act(() => view.actions.send(`/jobs/${sheet.job.id}/phases/charge/sign-offs`, { id: uuid() }))
        : undefined,
    };
  }

  const warning = plateWarnings(plate).filter((w) => w.field === 'lineLengthFt' || w.field === 'factoryChargeOz');
  const scale = feed.samples.at(-1)?.values.scaleOz;
  const simulated =
    run?.source === 'simulated' ||
    sheet.measurements.some((m) => m.quantity === 'chargeMovementOz' && m.source === 'simulated');
  return (
    <JobFrame
      sheet={sheet}
      active="charge"
      simulated={simulated}
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          <section aria-label="Scale">
            <h2 className="text-[15px] font-[680]">
              {judged.state.remainingOz >= -judged.state.toleranceOz ? 'Left to weigh in' : 'Over the build-up'}
            </h2>
            <p className="narrow text-[46px] leading-none font-[660]" data-testid="left-oz">
              {shown(Math.abs(judged.state.remainingOz), 'oz')}
              <small className="text-[19px] font-[500] text-ink2"> oz</small>
            </p>
            <p className="mt-1 text-[13.5px] text-ink2">
              {shown(judged.state.weighedOz, 'oz')} of {shown(judged.state.toWeighInOz, 'oz')} oz from the cylinder, ±{' '}
              {shown(judged.state.toleranceOz, 'oz')} counts as right
            </p>
            <table className="mt-2 w-full">
              <tbody>
                <Row
                  label="Scale now"
                  note={run ? 'simulated' : 'not streaming'}
                  value={typeof scale === 'number' && run ? withUnit(scale, 'oz') : '–'}
                />
                <Row label="Build-up" value={withUnit(build.totalOz, 'oz')} />
                <Row label="Already in the unit" value={withUnit(build.alreadyInUnitOz, 'oz')} />
                <Row
                  label="Liquid line"
                  note={`${odText(plate.liquidLineOdIn)}, ${plate.lineLengthFt ?? '?'} ft`}
                  value={withUnit(build.ozPerFt, 'oz/ft')}
                />
              </tbody>
            </table>
            <p className="mt-2 text-[13px] text-ink2">
              {UNIT_STATE_WORDS[plate.unitState]}.{' '}
              <button
                type="button"
                className="cursor-pointer text-copper underline"
                onClick={() => navigate('../equipment', { relative: 'path' })}
              >
                Change
              </button>
            </p>
          </section>
          <GateList gates={gates} phase="charge" view={view} />
          {!signed ? (
            <div className="flex flex-wrap gap-3">
              <Button onClick={() => setSheetOpen('typed')} disabled={held('standing-vacuum')}>
                Type a weighed amount
              </Button>
              <Button onClick={() => setSheetOpen('vacuum')}>Vacuum test</Button>
            </div>
          ) : null}
        </div>
      }
      next={
        <NextMoveBar kind={next.kind} say={next.say} because={next.because}>
          {next.label ? (
            <Button tone="primary" disabled={busy} onClick={press}>
              {next.label}
            </Button>
          ) : null}
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3.5 lg:px-5">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[23px]">Charge</h1>
          <span className="text-ink2">
            {plate.refrigerant},{' '}
            {REFRIGERANT_FACTS[plate.refrigerant].blend
              ? 'a blend: liquid only, cylinder upside down or dip tube'
              : 'single fluid'}
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
            {signed ? `Signed by ${signed.by}` : judged.finding.claim}
          </span>
        </div>
        <div className="mt-4">
          <BuildUpPicture build={build} state={judged.state} moving={!!live} />
        </div>
        <div className="mt-4 grid gap-2.5">
          <Trouble problem={problem} />
          {warning.map((w) => (
            <Notice key={w.field} kind="look-again">
              {w.say}
            </Notice>
          ))}
          {build.makerDiffers ? (
            <Notice kind="look-again">
              The maker’s {build.ozPerFt.toFixed(2)} oz/ft is more than 20 % from the {build.physicsOzPerFt.toFixed(2)}{' '}
              oz/ft that a {odText(plate.liquidLineOdIn)} liquid line holds. Which liquid line is it?
            </Notice>
          ) : null}
          {!signed ? (
            <Notice kind="look-again">
              Gloves and eye protection: liquid refrigerant freezes skin.{' '}
              {REFRIGERANT_FACTS[plate.refrigerant].safetyGroup === 'A2L'
                ? 'A2L: ventilate, no flame or spark, A2L-rated tools. '
                : ''}
              Never heat a cylinder with a flame, never vent. The maker’s charging table comes first.
            </Notice>
          ) : null}
          <MovementLog sheet={sheet} />
        </div>
      </div>
      {sheetOpen === 'vacuum' ? <VacuumForm view={view} onClose={() => setSheetOpen(undefined)} /> : null}
      {sheetOpen === 'typed' ? (
        <TypedMovement view={view} phase="charge" onClose={() => setSheetOpen(undefined)} />
      ) : null}
    </JobFrame>
  );
}

function Row({ label, note, value }: { label: string; note?: string; value: string }) {
  return (
    <tr className="border-b border-rule2">
      <td className="py-1">
        {label} {note ? <small className="text-ink2">{note}</small> : null}
      </td>
      <td className="py-1 text-right font-[620]">{value}</td>
    </tr>
  );
}
