import { describe, expect, it } from 'vitest';
import { applianceRecords, type LedgerLine, ledgerRow, monthlyTotals } from './ledger-records';

const HERE = 'America/Denver';
let n = 0;
const line = (kind: LedgerLine['kind'], oz: number, change: Partial<LedgerLine> = {}): LedgerLine => ({
  id: `m${++n}`,
  cylinderId: 'c',
  kind,
  oz,
  grossOz: null,
  refrigerant: 'R-410A',
  jobId: 'job',
  jobNumber: 2147,
  by: 'Tess Orlan',
  certificate: 'TC-1',
  note: null,
  at: '2026-06-01T15:00:00.000Z',
  tag: 'RC-1',
  source: 'typed',
  recipient: null,
  customer: 'Wren cottage',
  address: '3 Test Row, Harrow Mill',
  model: 'OHP-30',
  serial: 'S-4471',
  ...change,
});

describe('records of recovered appliances (40 CFR 82.156, edition not checked)', () => {
  it('one row a job and refrigerant: what came out in pounds, every cylinder, person and certificate once', () => {
    const records = applianceRecords('Dray & Pell', HERE, [
      line('from system', 100),
      line('from system', 38, { tag: 'RC-2', by: 'Oda Kerrick', certificate: null }),
      line('from system', 16, { refrigerant: 'R-22', jobId: 'other', jobNumber: 9, model: null, serial: null }),
      line('to system', -50),
      line('from system', 12, { jobId: null }),
    ]);
    expect(records).toHaveLength(2);
    expect(records[0]).toMatchObject({
      company: 'Dray & Pell',
      date: '2026-06-01',
      model: 'OHP-30',
      serial: 'S-4471',
      // 138 oz at 16 oz a pound.
      recovered_lb: '8.63',
      cylinders: 'RC-1, RC-2',
      technician: 'Tess Orlan, Oda Kerrick',
      certificate: 'TC-1',
    });
    expect(records[1]).toMatchObject({ job: '9', refrigerant: 'R-22', recovered_lb: '1.00', model: '', serial: '' });
  });
  // Half past eight in the evening there is the next day, here the next month, by the clock of Greenwich.
  it('work of an evening is of that day and of that month', () => {
    const evening = line('from system', 16, { at: '2026-07-01T02:30:00.000Z' });
    expect(applianceRecords('Dray & Pell', HERE, [evening])[0]!.date).toBe('2026-06-30');
    expect(monthlyTotals(HERE, [evening]).map((m) => m.month)).toEqual(['2026-06']);
    expect(monthlyTotals('UTC', [evening]).map((m) => m.month)).toEqual(['2026-07']);
  });
  it('a month sums each way by refrigerant; what is unknown stays empty, never nought', () => {
    const months = monthlyTotals(HERE, [
      line('from system', 160),
      line('to system', -80),
      line('opening', 400),
      line('received', 80),
      line('weighed', 3),
      line('sent away', -320, { recipient: 'Senn Reclaim' }),
      line('sent away', -16, { recipient: 'Senn Reclaim' }),
      line('from system', 16, { at: '2026-05-30T10:00:00.000Z' }),
    ]);
    expect(months).toEqual([
      {
        month: '2026-05',
        refrigerant: 'R-410A',
        recovered_lb: '1.00',
        charged_lb: '0.00',
        received_lb: '0.00',
        sent_away_lb: '0.00',
        sent_to: '',
      },
      {
        month: '2026-06',
        refrigerant: 'R-410A',
        recovered_lb: '10.00',
        charged_lb: '5.00',
        received_lb: '30.00',
        sent_away_lb: '21.00',
        sent_to: 'Senn Reclaim',
      },
    ]);
    expect(ledgerRow(line('received', 80))).toMatchObject({ oz: '80.0', gross_oz: '', note: '', recipient: '' });
    expect(ledgerRow(line('weighed', 3, { grossOz: 455 })).gross_oz).toBe('455.0');
  });
});
