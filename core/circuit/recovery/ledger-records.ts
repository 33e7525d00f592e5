import { OZ_PER_LB } from '@/core/units/units';
import { dayAt } from '@/core/words/calendar';
import type { CylinderMovement } from './cylinder';

/** A ledger row as the records read it. */
export type LedgerLine = CylinderMovement & {
  tag: string;
  source: string;
  recipient: string | null;
  customer: string | null;
  address: string | null;
  /** Model and serial of the appliance, as the survey read them from its plate. */
  model: string | null;
  serial: string | null;
};

const lb = (oz: number): string => (oz / OZ_PER_LB).toFixed(2);

export const LEDGER_COLUMNS = [
  'at',
  'cylinder',
  'movement',
  'oz',
  'gross_oz',
  'refrigerant',
  'job',
  'person',
  'certificate',
  'reading',
  'recipient',
  'note',
] as const;

export function ledgerRow(m: LedgerLine): Record<string, string> {
  return {
    at: m.at,
    cylinder: m.tag,
    movement: m.kind,
    oz: m.oz.toFixed(1),
    gross_oz: m.grossOz === null ? '' : m.grossOz.toFixed(1),
    refrigerant: m.refrigerant ?? '',
    job: m.jobNumber === null ? '' : String(m.jobNumber),
    person: m.by,
    certificate: m.certificate ?? '',
    reading: m.source,
    recipient: m.recipient ?? '',
    note: m.note ?? '',
  };
}

/**
 * Records of appliances of 5 to 50 lb that refrigerant was recovered from: company, place, appliance, date, refrigerant, amount
 * (40 CFR 82.156, from memory: check the current rule). One row a job and refrigerant; the date by the company's clock.
 */
export const RECORD_COLUMNS = [
  'company',
  'date',
  'place',
  'owner',
  'job',
  'model',
  'serial',
  'refrigerant',
  'recovered_lb',
  'cylinders',
  'technician',
  'certificate',
  'reading',
] as const;

export function applianceRecords(
  company: string,
  timeZone: string,
  lines: readonly LedgerLine[],
): Record<string, string>[] {
  const groups = new Map<string, LedgerLine[]>();
  for (const m of lines) {
    if (m.kind !== 'from system' || m.jobId === null) continue;
    const key = `${m.jobId}:${m.refrigerant}`;
    groups.set(key, [...(groups.get(key) ?? []), m]);
  }
  return [...groups.values()].map((group) => {
    const first = group[0]!;
    const all = (pick: (m: LedgerLine) => string | null): string =>
      [...new Set(group.map(pick).filter(Boolean))].join(', ');
    return {
      company,
      date: dayAt(first.at, timeZone),
      place: first.address ?? '',
      owner: first.customer ?? '',
      job: String(first.jobNumber ?? ''),
      model: first.model ?? '',
      serial: first.serial ?? '',
      refrigerant: first.refrigerant ?? '',
      recovered_lb: lb(group.reduce((s, m) => s + m.oz, 0)),
      cylinders: all((m) => m.tag),
      technician: all((m) => m.by),
      certificate: all((m) => m.certificate),
      reading: all((m) => m.source),
    };
  });
}

/** Amounts a month, by the company's clock, and refrigerant: recovered, charged, received, sent away with the recipients. */
export const MONTHLY_COLUMNS = [
  'month',
  'refrigerant',
  'recovered_lb',
  'charged_lb',
  'received_lb',
  'sent_away_lb',
  'sent_to',
] as const;

export function monthlyTotals(timeZone: string, lines: readonly LedgerLine[]): Record<string, string>[] {
  const months = new Map<string, LedgerLine[]>();
  for (const m of lines) {
    const key = `${dayAt(m.at, timeZone).slice(0, 7)}|${m.refrigerant ?? ''}`;
    months.set(key, [...(months.get(key) ?? []), m]);
  }
  return [...months.entries()]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([key, group]) => {
      const [month, refrigerant] = key.split('|') as [string, string];
      const sum = (kinds: readonly string[]): number =>
        group.filter((m) => kinds.includes(m.kind)).reduce((s, m) => s + m.oz, 0);
      return {
        month,
        refrigerant,
        recovered_lb: lb(sum(['from system'])),
        charged_lb: lb(Math.abs(sum(['to system']))),
        received_lb: lb(sum(['opening', 'received'])),
        sent_away_lb: lb(Math.abs(sum(['sent away']))),
        sent_to: [...new Set(group.filter((m) => m.kind === 'sent away').map((m) => m.recipient))]
          .filter(Boolean)
          .join(', '),
      };
    });
}
