import { writeFileSync } from 'node:fs';
import { FEATURES, featuresOf } from '@/core/diagnosis/features';
import { faultsOf } from '@/core/plant/unit/faults';
import { drawSystem, PROBE_FAULTS } from '@/core/plant/unit/population';

/**
 * npm run signatures: what each fault makes of the readings over thousands of drawn systems, as means and spreads of the
 * differences from expected, by severity. Writes core/diagnosis/signatures.json.
 */
const BINS = 4;
const EACH = Number(process.argv[2] ?? 1500);
const round = (v: number): number => Number(v.toPrecision(4));

const out: Record<string, Record<string, { mean: number[]; cov: number[] }[]>> = {};
for (const metering of ['txv', 'fixed-orifice'] as const) {
  out[metering] = {};
  for (const fault of faultsOf(metering)) {
    const bins = fault === 'healthy' ? 1 : fault === 'probe-doubt' ? PROBE_FAULTS : BINS;
    const samples: number[][][] = Array.from({ length: bins }, () => []);
    for (let i = 0; i < EACH * bins; i++) {
      const d = drawSystem(i * 7919 + fault.length * 104729 + (metering === 'txv' ? 0 : 15485863), fault, { metering });
      const f = featuresOf(d, { ...d.readings, barometerPsia: d.barometerPsia });
      if (!f) continue;
      const bin = fault === 'probe-doubt' ? d.probe! : Math.min(bins - 1, Math.floor(d.severity * bins));
      samples[bin]!.push(FEATURES.map((k) => f[k]!));
    }
    out[metering]![fault] = samples.map((rows) => {
      const n = rows.length;
      const mean = FEATURES.map((_, k) => rows.reduce((s, row) => s + row[k]!, 0) / n);
      const cov: number[] = [];
      for (let a = 0; a < FEATURES.length; a++)
        for (let b = 0; b <= a; b++)
          cov.push(round(rows.reduce((s, row) => s + (row[a]! - mean[a]!) * (row[b]! - mean[b]!), 0) / (n - 1)));
      return { mean: mean.map(round), cov };
    });
  }
}
writeFileSync('core/diagnosis/signatures.json', `${JSON.stringify(out)}\n`);
