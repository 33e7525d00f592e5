import { useNavigate } from 'react-router';
import { odText } from '@/core/circuit/acr-tube';
import { UNIT_STATE_WORDS } from '@/core/circuit/total-charge';
import type { WeighInState } from '@/core/circuit/weigh-in';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { type Gate, passes } from '@/core/job/gates';
import type { ChargeLabel } from '@/core/phases/charge/charge-record';
import { type BuildUp, chargePlateOf } from '@/core/phases/charge/charge-sheet';
import { keepsCircuitLog } from '@/core/phases/circuit-kept';
import type { EntryKind } from '@/core/phases/log/entries';
import { ENTRIES } from '@/core/phases/log/entries';
import { shown, withUnit } from '@/core/units/format';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { lbOz, say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { CheckList } from '../fit/CheckList';
import { GateList } from '../GateList';
import type { EquippedView } from '../job-context';
import { PhasePictures } from '../PhasePictures';
import { SimilarJobs } from '../SimilarJobs';

const OFFERS: readonly EntryKind[] = [
  'vacuum-broken',
  'cylinder-used',
  'scale-drift',
  'hose-loss',
  'paused',
  'resumed',
  'room',
  'label',
];

type Props = {
  view: EquippedView;
  build: BuildUp;
  state: WeighInState;
  checks: readonly Finding[];
  gates: readonly Gate[];
  label: ChargeLabel;
  onOpen: (sheet: 'vacuum' | 'typed' | 'scale') => void;
  onEntry: (kind: EntryKind) => void;
};

/** What is left to weigh in, large; then the scale, the checks, the label, the gates and the log. */
export function ChargeSide({ view, build, state, checks, gates, label, onOpen, onEntry }: Props) {
  const { sheet, feed, run } = view;
  const { plate } = sheet.circuit;
  const navigate = useNavigate();
  const signed = sheet.signOffs.some((s) => s.phase === 'charge');
  const scaleRun = run?.phase === 'charge' ? run : undefined;
  const scale = feed.samples.at(-1)?.values.scaleOz;
  const charged = chargePlateOf(sheet);
  const kept = keepsCircuitLog(sheet);
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      <Part
        name={t('web.scale')}
        title={state.remainingOz >= -state.toleranceOz ? t('web.left-to-weigh-in') : t('web.over-build-up')}
      >
        <p className="narrow text-[46px] leading-none font-[660]" data-testid="left-oz">
          {shown(Math.abs(state.remainingOz), 'oz')}
          <small className="text-[19px] font-[500] text-ink2"> {t('web.oz')}</small>
        </p>
        <p className="mt-1 text-[13.5px] text-ink2">
          {t('web.of-oz-from-cylinder-counts-as', {
            weighedOz: shown(state.weighedOz, 'oz'),
            toWeighInOz: shown(state.toWeighInOz, 'oz'),
            toleranceOz: shown(state.toleranceOz, 'oz'),
          })}
        </p>
        <table className="mt-2 w-full">
          <tbody>
            <Row
              label={t('web.scale-now')}
              note={run?.source ?? t('web.not-streaming')}
              value={typeof scale === 'number' && run ? withUnit(scale, 'oz') : '–'}
            />
            <Row label={t('web.build-up')} value={withUnit(build.totalOz, 'oz')} />
            <Row label={t('web.already-in-unit')} value={withUnit(build.alreadyInUnitOz, 'oz')} />
            <Row
              label={t('web.liquid-line-2')}
              note={t('web.ft', {
                liquidLineOdIn: odText(charged.liquidLineOdIn),
                lineLengthFt: charged.lineLengthFt ?? '?',
              })}
              value={withUnit(build.ozPerFt, 'oz/ft')}
            />
          </tbody>
        </table>
        {signed ? null : (
          <p className="mt-2 text-[13px] text-ink2">
            {scaleRun ? t('web.scale-streams') : t('web.no-scale-streams')}{' '}
            <TextButton onClick={() => onOpen('scale')}>
              {scaleRun ? t('web.scale') : t('web.connect-scale')}
            </TextButton>
          </p>
        )}
        <p className="mt-2 text-[13px] text-ink2">
          {say(UNIT_STATE_WORDS[plate.unitState])}.{' '}
          <TextButton onClick={() => navigate('../equipment', { relative: 'path' })}>{t('web.change')}</TextButton>
        </p>
      </Part>
      {checks.length ? <CheckList checks={orderFindings(checks)} /> : null}
      {kept && sheet.circuitLog.length > 0 ? <LabelBlock label={label} /> : null}
      <SimilarJobs jobId={sheet.job.id} />
      <GateList gates={gates} phase="charge" view={view} />
      {!signed && kept && sheet.circuitLog.length > 0 ? (
        <Part name={t('web.write-down')}>
          <div className="mt-1 flex flex-wrap gap-x-1">
            {OFFERS.map((kind) => (
              <Button key={kind} tone="quiet" className="text-[14px]" onClick={() => onEntry(kind)}>
                {say(ENTRIES[kind].title)}
              </Button>
            ))}
          </div>
        </Part>
      ) : null}
      <EntryLog view={view} phase="charge" />
      <PhasePictures view={view} phase="charge" />
      {!signed ? (
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => onOpen('typed')} disabled={held('standing-vacuum')}>
            {t('web.type-weighed-amount')}
          </Button>
          {kept && sheet.circuitLog.length > 0 ? null : (
            <Button onClick={() => onOpen('vacuum')}>{t('web.vacuum-test')}</Button>
          )}
        </div>
      ) : null}
    </div>
  );
}

/** The label as it is written on the unit. */
function LabelBlock({ label }: { label: ChargeLabel }) {
  return (
    <Part name={t('web.label')} title={t('web.label-at-unit')} className="border-[1.5px] border-ink px-3 py-2">
      <p className="text-[22px] font-[680]">
        {label.refrigerant} <span className="narrow">{lbOz(label.totalOz)}</span>
      </p>
      <p className="text-[13.5px] text-ink2">
        {t('web.factory-added-here', {
          factoryOz: lbOz(label.factoryOz),
          addedOz: lbOz(label.addedOz),
          co2Tonnes: label.co2Tonnes !== undefined ? ` · ${label.co2Tonnes.toFixed(2)} t CO₂e` : '',
        })}
      </p>
    </Part>
  );
}

function TextButton({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <button type="button" className="-my-4 cursor-pointer py-4 text-copper underline" onClick={onClick}>
      {children}
    </button>
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
