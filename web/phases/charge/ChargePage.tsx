import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { odText } from '@/core/circuit/acr-tube';
import type { EntryKind } from '@/core/circuit/log/entry-bodies';
import { ENTRY_TITLES } from '@/core/circuit/log/entry-words';
import { UNIT_STATE_WORDS } from '@/core/circuit/total-charge';
import { lbOz } from '@/core/circuit/weigh-in';
import { plateWarnings } from '@/core/equipment/plate-checks';
import { orderChecks } from '@/core/finding/check';
import type { NextMove } from '@/core/finding/finding';
import { type BuildUp, buildUpOf, chargePlateOf, judgeCharge, movementsOf } from '@/core/job/charge-sheet';
import { type ChargeLabel, chargeChecks, chargeLabel } from '@/core/job/circuit/charge-record';
import { keepsCircuitLog, sealedWhy } from '@/core/job/circuit/circuit-views';
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
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import { CheckList } from '../fit/CheckList';
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
  const build = buildUpOf(sheet);
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
  const [entry, setEntry] = useState<EntryKind>();
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  const signed = sheet.signOffs.find((s) => s.phase === 'charge');
  const live = run?.phase === 'charge' ? liveMovement(view) : undefined;
  const gates = sheetGates(sheet, 'charge');
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  const charged = chargePlateOf(sheet);
  const kept = keepsCircuitLog(sheet);
  const sealed = sealedWhy(sheet) !== undefined;
  const checks = chargeChecks(sheet, build, new Date().toISOString().slice(0, 10));
  const label = chargeLabel(sheet, build);
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
    const record = recordMove();
    if (record) return record;
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

  /** What the circuit's record asks before refrigerant moves: each with the form, or the page, that answers it. */
  function recordMove(): ReturnType<typeof nextOf> | undefined {
    const go = (to: string) => () => void navigate(`../${to}`, { relative: 'path' });
    if (kept && !sealed && held('standing-vacuum') && sheet.circuitLog.length > 0)
      return {
        kind: 'not-proven',
        say: 'No refrigerant before a passed standing-vacuum test.',
        because: gates.find((g) => g.id === 'standing-vacuum')?.say ?? '',
        label: 'Go to evacuate',
        press: go('evacuate'),
      };
    if (held('evacuate-signed'))
      return {
        kind: 'not-proven',
        say: 'Sign the evacuation first.',
        because: 'Its standing test is what the charge rests on.',
        label: 'Go to evacuate',
        press: go('evacuate'),
      };
    if (held('vacuum-broken'))
      return {
        kind: 'now',
        say: 'Break the vacuum with refrigerant to 1–5 psig; take the vacuum gauge off and cap it.',
        because: 'Close the gauge off first: pressure ruins it, and taken off in vacuum it lets air in.',
        label: 'Vacuum broken',
        press: () => setEntry('vacuum-broken'),
      };
    const worst = orderChecks(checks).find((c) => c.verdict === 'stop' || c.verdict === 'not-proven');
    if (!worst) return undefined;
    const form = FORMS[worst.id];
    return {
      kind: worst.verdict,
      say: worst.next ?? worst.claim,
      because: `${worst.claim} ${worst.because}`,
      label: form ? ENTRY_TITLES[form] : undefined,
      press: form ? () => setEntry(form) : undefined,
    };
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
    if (barred?.id === 'label')
      return {
        kind: 'now',
        say: `Mark the total at the unit: ${lbOz(label.totalOz)} of ${label.refrigerant}.`,
        because: 'The next person charges by this label.',
        label: 'It is marked',
        press: () => setEntry('label'),
      };
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

  const trimOz = movementsOf(sheet.measurements)
    .filter((m) => m.phase === 'start-up')
    .reduce((s, m) => s + m.oz, 0);
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
                  note={run?.source ?? 'not streaming'}
                  value={typeof scale === 'number' && run ? withUnit(scale, 'oz') : '–'}
                />
                <Row label="Build-up" value={withUnit(build.totalOz, 'oz')} />
                <Row label="Already in the unit" value={withUnit(build.alreadyInUnitOz, 'oz')} />
                <Row
                  label="Liquid line"
                  note={`${odText(charged.liquidLineOdIn)}, ${charged.lineLengthFt ?? '?'} ft`}
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
          {checks.length ? <CheckList checks={orderChecks(checks)} /> : null}
          {kept && sheet.circuitLog.length > 0 ? <LabelBlock label={label} /> : null}
          <GateList gates={gates} phase="charge" view={view} />
          {!signed && kept && sheet.circuitLog.length > 0 ? (
            <section aria-label="Write down">
              <h2 className="text-[15px] font-[680]">Write down</h2>
              <div className="mt-1 flex flex-wrap gap-x-1">
                {OFFERS.map((kind) => (
                  <Button key={kind} tone="quiet" className="text-[14px]" onClick={() => setEntry(kind)}>
                    {ENTRY_TITLES[kind]}
                  </Button>
                ))}
              </div>
            </section>
          ) : null}
          <EntryLog view={view} phase="charge" />
          {!signed ? (
            <div className="flex flex-wrap gap-3">
              <Button onClick={() => setSheetOpen('typed')} disabled={held('standing-vacuum')}>
                Type a weighed amount
              </Button>
              {kept && sheet.circuitLog.length > 0 ? null : (
                <Button onClick={() => setSheetOpen('vacuum')}>Vacuum test</Button>
              )}
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
          <BuildUpPicture
            build={withTrim(build, trimOz)}
            state={{ ...judged.state, inSystemOz: judged.state.inSystemOz + trimOz }}
            moving={!!live}
          />
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
      {entry ? <EntrySheet key={entry} view={view} kind={entry} onClose={() => setEntry(undefined)} /> : null}
      {sheetOpen === 'vacuum' ? <VacuumForm view={view} onClose={() => setSheetOpen(undefined)} /> : null}
      {sheetOpen === 'typed' ? (
        <TypedMovement view={view} phase="charge" onClose={() => setSheetOpen(undefined)} />
      ) : null}
    </JobFrame>
  );
}

/** Which form answers a check of the record. */
const FORMS: Partial<Record<string, EntryKind>> = {
  cylinder: 'cylinder-used',
  room: 'room',
  scale: 'scale-drift',
  pause: 'resumed',
};
const OFFERS: readonly EntryKind[] = [
  'vacuum-broken',
  'cylinder-used',
  'scale-drift',
  'paused',
  'resumed',
  'room',
  'label',
];

/** What start-up added or took back stands on the build-up as its own part. */
function withTrim(build: BuildUp, trimOz: number): BuildUp {
  if (Math.abs(trimOz) < 0.05) return build;
  return {
    ...build,
    totalOz: build.totalOz + trimOz,
    parts: [
      ...build.parts,
      { id: 'trim', label: 'Trim at start-up', oz: trimOz, how: 'by superheat or subcooling, in small steps' },
    ],
  };
}

/** The label as it is written on the unit. */
function LabelBlock({ label }: { label: ChargeLabel }) {
  return (
    <section aria-label="Label" className="border-[1.5px] border-ink px-3 py-2">
      <h2 className="text-[15px] font-[680]">Label at the unit</h2>
      <p className="text-[22px] font-[680]">
        {label.refrigerant} <span className="narrow">{lbOz(label.totalOz)}</span>
      </p>
      <p className="text-[13.5px] text-ink2">
        factory {lbOz(label.factoryOz)} · added here {lbOz(label.addedOz)}
        {label.co2Tonnes !== undefined ? ` · ${label.co2Tonnes.toFixed(2)} t CO₂e` : ''}
      </p>
    </section>
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
