import { type Finding, VERDICT_WORDS } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { judgePipeTest } from '@/core/furnace/pipe-test';
import { judgeVentGas } from '@/core/furnace/vent-gas';
import { type Gate, gate } from '@/core/job/gates';
import type { ReportTable } from '@/core/job/report-parts';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/hand-over/words';
import { type CircuitEntry, latestOf } from '@/core/phases/log/circuit-log';
import { entryWords } from '@/core/phases/log/entries';
import { owesFurnaceProof } from '@/core/phases/survey/view';
import { coilOnOil } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { moment } from '@/core/words/said';

type Needs = SheetWith<'furnace' | 'site' | 'survey' | 'systemLog'>;

/** Something that newly burns gas: its pipe is proven tight before it is handed over. Oil has no such pipe. */
export const owesPipeTest = (sheet: SheetWith<'furnace' | 'survey'>): boolean =>
  owesFurnaceProof(sheet) && sheet.furnace?.fuel !== 'oil' && !coilOnOil(knownFacts(sheet.survey.observations));

/** What the newest test says, the worst first; undefined before there is one. */
export function pipeFindings(sheet: Needs): Finding[] | undefined {
  const last = latestOf(sheet.systemLog, 'gas-test');
  return last
    ? orderFindings(judgePipeTest(last.body, sheet.site)).map((f) => ({ ...f, subject: last.id }))
    : undefined;
}

/** What the sheet of gas pipe and vent says, the worst first; undefined while nobody filled it in. */
export function ventFindings(sheet: Needs): Finding[] | undefined {
  const last = latestOf(sheet.systemLog, 'vent-gas');
  return last ? judgeVentGas(last.body).map((f) => ({ ...f, subject: last.id })) : undefined;
}

/** A pipe that leaks, or a valve that stood under its test, nobody lets pass. */
export function pipeGates(sheet: Needs): Gate[] {
  return [...ventGates(sheet), ...testGates(sheet)];
}

/** A vent or a pipe that lets flue gas into the house: nobody lets that pass. What is only to be looked at again does not hold. */
function ventGates(sheet: Needs): Gate[] {
  const worst = ventFindings(sheet)?.[0];
  return worst
    ? [
        gate(
          'vent-gas',
          tell('ventgas.no-stop-of-vent'),
          worst.verdict !== 'stop',
          worst.verdict === 'stop' ? worst.claim : tell('ventgas.no-stop'),
          false,
        ),
      ]
    : [];
}

function testGates(sheet: Needs): Gate[] {
  if (!owesPipeTest(sheet)) return [];
  const worst = pipeFindings(sheet)?.[0];
  return [
    gate(
      'gas-pipe',
      tell('gas.pipe-proven-tight'),
      worst?.verdict === 'good',
      !worst ? tell('gas.not-tested-yet') : worst.verdict === 'good' ? tell('job.all-good') : worst.claim,
      worst?.verdict !== 'stop',
    ),
  ];
}

/** The test as the report prints it: what was read, and what it says. */
export function pipeTables({ written, checks }: { written: readonly CircuitEntry[]; checks: readonly Finding[] }) {
  const tables: ReportTable[] = [
    {
      title: tell('gas.pipe-test-table'),
      columns: [tell('job.column-written'), tell('job.column-who'), tell('job.column-when')],
      rows: written.map((e) => [entryWords(e), e.by, moment(e.at)]),
    },
    {
      title: tell('gas.pipe-test-findings'),
      columns: [tell('gas.verdict'), tell('gas.finding'), tell('gas.because')],
      rows: checks.map((c) => [VERDICT_WORDS[c.verdict], c.claim, c.because]),
    },
  ];
  return tables;
}
