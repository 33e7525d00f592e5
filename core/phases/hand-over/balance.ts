import type { Finding } from '@/core/finding/finding';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { type Gate, gate } from '@/core/job/gates';
import type { ReportTable } from '@/core/job/report-parts';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/hand-over/words';
import { type EntryOf, entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { balanceNext } from '@/core/set/balance-next';
import { registerFlow } from '@/core/set/register-flow';
import { q } from '@/core/words/said';

export type RegisterRow = {
  branch: string;
  room: string;
  sizeIn: number | null;
  wantedCfm: number;
  entry: EntryOf<'register'> | undefined;
  measured: { cfm: number; uncertainty: number } | undefined;
};
type Needs = SheetWith<'fits' | 'systemLog'>;

/** The registers of a system, from its air sheet and from what was added by hand, each with the newest of what was measured. */
export function registersOf(sheet: Needs): RegisterRow[] {
  const entries = entriesOf(sheet.systemLog, 'register');
  const air = sheet.fits.air?.record;
  const planned = [...(air?.plenum ?? []), ...(air?.trunk ?? [])].map((b) => ({
    branch: b.id,
    room: b.name,
    sizeIn: b.existingIn,
    wantedCfm: b.cfm,
  }));
  const added = entries
    .filter((e) => !planned.some((p) => p.branch === e.body.branch))
    .map((e) => ({ branch: e.body.branch, room: e.body.room, sizeIn: null, wantedCfm: e.body.wantedCfm }));
  const rows = new Map([...planned, ...added].map((r) => [r.branch, r]));
  return [...rows.values()].map((row) => {
    const entry = entries.findLast((e) => e.body.branch === row.branch);
    return {
      ...row,
      ...(entry ? { wantedCfm: entry.body.wantedCfm, room: entry.body.room } : {}),
      entry,
      measured: entry && registerFlow(entry.body),
    };
  });
}

/** What the measured registers say: which damper is next, or that every room has its share; undefined before two are measured. */
export function balanceOf(sheet: Needs): Finding | undefined {
  const rows = registersOf(sheet);
  const measured = rows.filter((r) => r.measured);
  if (measured.length === 0) return undefined;
  const base = { id: 'air-balance', because: tell('balance.proportional'), source: tell('balance.common-practice') };
  const missing = rows.filter((r) => !r.measured);
  if (missing.length > 0 || measured.length < 2)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('balance.not-every-register', { done: measured.length, count: Math.max(rows.length, 2) }),
      next: {
        say: missing[0] ? tell('balance.measure-next', { room: missing[0].room }) : tell('balance.measure-another'),
      },
    };
  const r = balanceNext({
    registers: measured.map((m) => ({
      name: m.room,
      wantedCfm: m.wantedCfm,
      measuredCfm: Math.max(1, m.measured!.cfm),
    })),
  });
  if (!r.ok) return { ...base, verdict: 'not-proven', claim: r.refused.message };
  const { done, worstPct, nextName, closeToRatio, indexName, indexRatio } = r.value;
  const sum = q(
    measured.reduce((s, m) => s + m.measured!.cfm, 0),
    'cfm',
  );
  if (done)
    return {
      ...base,
      verdict: 'good',
      claim: tell('balance.every-room-has-its-share', { worst: q(worstPct, 'number', 0), sum }),
    };
  return {
    ...base,
    verdict: 'look-again',
    claim: tell('balance.off-by', { worst: q(worstPct, 'number', 0), sum }),
    miss: worstPct / 10,
    next: {
      say: nextName
        ? tell('balance.close-next', { room: nextName, pct: q(100 * closeToRatio, 'number', 0), index: indexName })
        : tell('balance.fan-or-ducts', { index: indexName, pct: q(100 * indexRatio, 'number', 0) }),
    },
  };
}

/** Once a register was measured the rest of them are, before the hand-over. */
export function balanceGates(sheet: Needs): Gate[] {
  const finding = balanceOf(sheet);
  return finding ? [gate('air-balanced', tell('balance.air-balanced'), finding.verdict === 'good', finding.claim)] : [];
}

/** A face velocity is no flow without its area, and a gross area no flow without its factor. */
export const refusesRegister = ({ means, areaFt2, effective, factor }: EntryBody<'register'>): Refusal | undefined => {
  if (means !== 'face velocity') return undefined;
  if (areaFt2 === null) return refusal('areaFt2', tell('balance.is-missing'), tell('balance.area-of-the-face'));
  return effective || factor !== null
    ? undefined
    : refusal('factor', tell('balance.is-missing'), tell('balance.free-share-of-a-gross-area'));
};

/** The final list of registers, as the report prints it. */
export function balanceTable(rows: readonly RegisterRow[]): ReportTable {
  return {
    title: tell('balance.registers'),
    columns: [
      tell('balance.room'),
      tell('balance.size'),
      tell('balance.wanted'),
      tell('balance.measured'),
      tell('balance.share'),
      tell('balance.damper'),
      tell('balance.by'),
    ],
    rows: rows
      .filter((r) => r.measured && r.entry)
      .map((r) => [
        r.room,
        r.sizeIn === null ? '–' : q(r.sizeIn, 'in', 'as is'),
        q(r.wantedCfm, 'cfm'),
        tell('balance.plus-minus', { cfm: q(r.measured!.cfm, 'cfm'), off: q(r.measured!.uncertainty, 'cfm') }),
        q((100 * r.measured!.cfm) / r.wantedCfm, 'pct', 0),
        r.entry!.body.damper || '–',
        r.entry!.by,
      ]),
  };
}
