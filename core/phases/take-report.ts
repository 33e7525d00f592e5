import { DISCLAIMER, type Report } from '@/core/job/report-parts';
import type { JobSheet } from '@/core/job/sheet';
import { takeOffOf } from '@/core/phases/take-off';
import { tell } from '@/core/phases/words';
import { type BuyLine, toBuy } from '@/core/plan/take-off/buy';
import type { PartRow } from '@/core/plan/take-off/part-row';
import { type Cell, day, list, q, value } from '@/core/words/said';

const amount = (n: number, unit: string): Cell => tell('take.amount', { n: q(n, 'number', 1), unit: value(unit) });
const bought = (l: BuyLine): Cell =>
  l.how === 'make'
    ? tell('take.to-make')
    : l.packs > 0
      ? tell('take.packs-of', { packs: l.packs, size: q(l.packSize, 'number', 1), unit: value(l.unit) })
      : tell('take.on-the-truck');

/** What to take for the work on one system, as a list for the truck and the counter. */
export function takeReport(sheet: JobSheet, company: string, parts: readonly PartRow[]): Report {
  const { lines, gear, disposal } = takeOffOf(sheet);
  const rows = toBuy(lines, parts);
  const cost = rows.reduce((sum, r) => sum + (r.cost ?? 0), 0);
  const unpriced = rows.filter((r) => r.packs > 0 && r.cost === undefined).length;
  return {
    title: tell('take.what-to-take'),
    status: 'draft',
    statusSay: tell('take.counted-from-the-sheet'),
    simulated: null,
    facts: [
      [tell('job.contractor'), company],
      [tell('job.job'), list([String(sheet.job.number), day(sheet.job.scheduledFor)])],
      [tell('job.site'), `${sheet.site.address}, ${sheet.site.town}`],
      [tell('job.system'), sheet.system.name],
    ],
    tables: [
      {
        title: tell('take.materials'),
        columns: [tell('take.what'), tell('take.needed'), tell('take.to-buy'), tell('take.cost'), tell('take.because')],
        rows: rows.map((r) => [
          r.say,
          amount(r.need, r.unit),
          bought(r),
          r.packs > 0 && r.cost !== undefined ? q(r.cost, 'cents') : '–',
          r.because,
        ]),
      },
      { title: tell('take.gear'), columns: [tell('take.what')], rows: gear.map((g) => [g]) },
      { title: tell('take.leaves-the-house'), columns: [tell('take.what')], rows: disposal.map((d) => [d]) },
    ].filter((t) => t.rows.length > 0),
    notes: [tell('take.cost-in-all', { cost: q(cost, 'cents'), unpriced }), tell('take.waste-is-in-it'), DISCLAIMER],
  };
}

/** Columns of the list as CSV. */
export const TAKE_COLUMNS = ['code', 'name', 'need', 'unit', 'onTruck', 'packs', 'packSize', 'cost'] as const;
/** A line of it: figures plain, money to the cent. */
export const takeRow = (r: BuyLine, name: string): Record<(typeof TAKE_COLUMNS)[number], string> => ({
  code: r.code,
  name,
  need: String(Number(r.need.toFixed(2))),
  unit: r.unit,
  onTruck: String(r.onTruck),
  packs: String(r.packs),
  packSize: String(r.packSize),
  cost: r.cost === undefined ? '' : r.cost.toFixed(2),
});
