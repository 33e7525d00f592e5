import { useState } from 'react';
import { useNavigate } from 'react-router';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { orderChecks } from '@/core/finding/check';
import { judgeFurnace } from '@/core/furnace/furnace-proof';
import { hasCircuit } from '@/core/job/before';
import { passes } from '@/core/job/gates';
import { PHASE_WORDS } from '@/core/job/phases';
import type { Report } from '@/core/job/report';
import { isEquipped } from '@/core/job/sheet';
import { sheetGates } from '@/core/job/sheet-gates';
import { get, post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { JobFrame } from '@/web/shell/JobFrame';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { useKeys } from '@/web/shell/use-keys';
import { CheckList } from '../fit/CheckList';
import { GateList } from '../GateList';
import type { JobView } from '../job-context';
import { AfterRun } from './AfterRun';
import { FurnaceSheet } from './FurnaceSheet';
import { ReportSheet } from './ReportSheet';

/** Gates of the hand-over that are cleared on the scope page. */
const BEFORE_GATES: ReadonlySet<string> = new Set([
  'no-hazard-stop',
  'no-fit-stop',
  'scope-signed',
  'disclosures',
  'change-answered',
  'musts-in',
]);

/** The page on which a gate is cleared; none when it is cleared here. */
function clearedOn(gate: string): 'scope' | 'charge' | 'start-up' | undefined {
  if (BEFORE_GATES.has(gate)) return 'scope';
  if (gate === 'suction-drier') return undefined;
  return gate === 'charge-signed' ? 'charge' : 'start-up';
}

export default function HandOverPage(view: JobView) {
  const { sheet, me } = view;
  const jobPath = `/jobs/${sheet.job.id}`;
  const furnaceOnly = !hasCircuit(sheet);
  const reported = isEquipped(sheet) || furnaceOnly;
  const { data: report, mutate } = useSWR<Report>(
    reported ? `${jobPath}/report?at=${sheet.furnace?.version ?? 0}-${sheet.signOffs.length}` : null,
    get,
  );
  const { busy, problem, act } = useAct();
  const [amending, setAmending] = useState(false);
  const [proving, setProving] = useState(false);
  const navigate = useNavigate();
  const gates = sheetGates(sheet, 'hand-over');
  const signed = sheet.signOffs.find((s) => s.phase === 'hand-over');
  const barred = gates.find((g) => !passes(g));
  const lead = me.role === 'lead' || me.role === 'owner';
  const simulated = sheet.measurements.some((m) => m.source === 'simulated');
  const back = barred ? clearedOn(barred.id) : undefined;
  const proven = sheet.furnace ? orderChecks(judgeFurnace(sheet.furnace)) : undefined;
  const worst = proven?.[0];
  const pdf = `/api${jobPath}/report.pdf`;

  const bar = signed
    ? {
        kind: 'good' as const,
        say: 'Handed over. Give the customer the report.',
        because: `Signed by ${signed.by}. The record is frozen; an amendment stands beside it.`,
        label: 'Open the PDF',
        press: () => void window.open(pdf, '_blank'),
      }
    : barred?.id === 'furnace-proof'
      ? {
          kind: worst?.verdict ?? ('not-proven' as const),
          say: worst
            ? (worst.next ?? worst.claim)
            : 'Type what the furnace shows: gas pressures, temperature rise, CO.',
          because: worst
            ? `${worst.claim} ${worst.because}`
            : 'A furnace is not handed over without them. Combustion and gas are licensed work.',
          label: sheet.furnace ? 'Read it again' : 'Type the readings',
          press: () => setProving(true),
        }
      : barred
        ? {
            kind: 'not-proven' as const,
            say: `Held: ${barred.asks}.`,
            because: barred.say,
            label: back ? `Go to ${PHASE_WORDS[back].toLowerCase()}` : undefined,
            press: () => (back ? navigate(`../${back}`, { relative: 'path' }) : undefined),
          }
        : {
            kind: 'now' as const,
            say: 'Walk the customer through the report, then sign the hand-over.',
            because: 'Show the thermostat, the filter, the drain and the disconnect. Leave the report.',
            label: lead ? 'Sign the hand-over' : undefined,
            press: () =>
              void act(async () => {
                await view.actions.send(`${jobPath}/phases/hand-over/sign-offs`, { id: uuid() });
                await mutate();
              }),
          };
  useKeys({ n: () => !busy && bar.press() });

  return (
    <JobFrame
      sheet={sheet}
      active="hand-over"
      simulated={simulated}
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          <GateList gates={gates} phase="hand-over" view={view} />
          {proven ? <CheckList checks={proven} /> : null}
          {isEquipped(sheet) ? <AfterRun view={view} sheet={sheet} signed={signed !== undefined} /> : null}
          <section>
            <h2 className="text-[15px] font-[680]">Signatures</h2>
            <ul className="mt-1">
              {sheet.signOffs.map((s) => (
                <li key={s.id} className="border-b border-rule2 py-1.5 leading-snug">
                  <b className="font-[640]">{PHASE_WORDS[s.phase]}</b> {s.by}
                  <span className="block text-[13px] text-ink2">
                    {s.certificate ?? 'no certificate'}, {s.at.slice(0, 16).replace('T', ' ')} UTC,{' '}
                    {s.contentHash.slice(0, 10)}
                  </span>
                </li>
              ))}
            </ul>
            {sheet.signOffs.length === 0 ? <p className="text-ink2">Nothing signed yet.</p> : null}
          </section>
          <div className="flex flex-wrap gap-3">
            <a
              href={pdf}
              target="_blank"
              rel="noreferrer"
              className="touch inline-flex items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
            >
              Report as PDF
            </a>
            {sheet.signOffs.length ? <Button onClick={() => setAmending(true)}>Add an amendment</Button> : null}
          </div>
        </div>
      }
      next={
        <NextMoveBar kind={bar.kind} say={bar.say} because={bar.because}>
          {bar.label ? <MoveButton label={bar.label} busy={busy} onPress={bar.press} /> : null}
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3.5 lg:px-7">
        <Trouble problem={problem} />
        {report ? (
          <ReportSheet report={report} />
        ) : reported ? (
          <p className="text-ink2">Writing the report …</p>
        ) : (
          <p className="text-ink2">
            The report is written once the new equipment is known. The survey and scope have a document of their own.
          </p>
        )}
      </div>
      {proving ? <FurnaceSheet view={view} onClose={() => setProving(false)} /> : null}
      {amending ? (
        <AmendSheet
          view={view}
          onClose={() => {
            setAmending(false);
            void mutate();
          }}
        />
      ) : null}
    </JobFrame>
  );
}

function AmendSheet({ view, onClose }: { view: JobView; onClose: () => void }) {
  const [signOffId, setSignOffId] = useState(view.sheet.signOffs.at(-1)?.id ?? '');
  const [note, setNote] = useState('');
  const { busy, problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title="Add an amendment">
      <p className="mt-2 text-ink2">
        What was signed stays as it was. The amendment stands beside it, with your name and the time.
      </p>
      <label className="mt-3 block text-[13px] font-[600]" htmlFor="amend-phase">
        To which signature
      </label>
      <select
        id="amend-phase"
        value={signOffId}
        onChange={(e) => setSignOffId(e.target.value)}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2"
      >
        {view.sheet.signOffs.map((s) => (
          <option key={s.id} value={s.id}>
            {PHASE_WORDS[s.phase]}
          </option>
        ))}
      </select>
      <label className="mt-3 block text-[13px] font-[600]" htmlFor="amend-note">
        Note
      </label>
      <textarea
        id="amend-note"
        rows={4}
        value={note}
        onChange={(e) => setNote(e.target.value)}
        className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5"
      />
      <div className="mt-3 grid gap-3">
        <Trouble problem={problem} />
        <Button
          tone="primary"
          disabled={busy || note.trim().length < 5}
          onClick={async () => {
            if (await act(() => post(`/sign-offs/${signOffId}/amendments`, { id: uuid(), note }))) onClose();
          }}
        >
          Add it
        </Button>
      </div>
    </Sheet>
  );
}
