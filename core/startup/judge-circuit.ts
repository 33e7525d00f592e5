import { OVER_LIMIT } from '@/core/circuit/weigh-in';
import type { Finding, Next } from '@/core/finding/finding';
import { chargeStep } from './charge-step';
import { type Figure, type Figures, missOf } from './figures';
import type { JudgeInput } from './judge-input';

/** A reading is a clear pass only when its ± does not reach across the limit by more than the whole band. */
const TWICE = 2;
const FLOODING_SUPERHEAT_F = 2;

const fmt = (x: number): string => x.toFixed(1);

/** Readings that go into each judged figure, to name the suspect probe. */
const PARTS: Record<string, readonly string[]> = {
  subcooling: ['liquidPsig', 'liquidLineF'],
  superheat: ['suctionPsig', 'suctionLineF'],
  'air-split': ['returnDryBulbF', 'supplyDryBulbF', 'returnWetBulbF'],
  'compressor-amps': ['compressorA', 'outdoorDryBulbF'],
};

/**
 * Compares the circuit with its targets and advises on charge.
 *
 * @param suspects quantities whose probe is doubted: figures built on them are not proven
 * @param held claims of earlier steps that are not good: while any stands, no refrigerant is advised
 */
export function compareFindings(
  input: JudgeInput,
  figures: Figures,
  suspects: ReadonlySet<string>,
  held: readonly string[],
): Finding[] {
  const valve = input.system.metering !== 'fixed-orifice';
  const main = valve ? 'subcooling' : 'superheat';
  const out: Finding[] = [];
  for (const id of ['subcooling', 'superheat', 'air-split', 'compressor-amps'] as const) {
    if (id === 'subcooling' && !valve) continue;
    const figure = figures.byId[id];
    if (figure.value === undefined) continue;
    const doubted = PARTS[id]!.filter((part) => suspects.has(part));
    if (doubted.length) {
      out.push(notProven(figure, `${figure.label} not proven: a probe in it is suspect.`));
      continue;
    }
    if (!figure.target) {
      out.push(notProven(figure, `${figure.label}: no target. ${figure.noTarget ?? ''}`.trim()));
      continue;
    }
    const finding = judgeAgainst(figure, figure.target);
    out.push(id === main ? withCharge(input, figures, finding, held) : finding);
  }
  return out;
}

function evidenceOf(figure: Figure): Finding['evidence'] {
  if (figure.value === undefined) return [];
  const band = figure.target ? { low: figure.target.low, high: figure.target.high } : undefined;
  return [{ quantity: figure.label, value: figure.value, unit: figure.unit, band }];
}

function notProven(figure: Figure, claim: string): Finding {
  return {
    id: figure.id,
    step: 'compare',
    verdict: 'not-proven',
    claim,
    evidence: evidenceOf(figure),
    because: figure.target
      ? 'A number from a doubtful probe decides nothing.'
      : 'Without a target there is no verdict.',
    source: figure.source,
    confidence: 'high',
    miss: 1,
  };
}

function judgeAgainst(figure: Figure, target: NonNullable<Figure['target']>): Finding {
  const value = figure.value!;
  const inside = value >= target.low && value <= target.high;
  const technician = target.source.startsWith('technician');
  const high = value > target.value;
  return {
    id: figure.id,
    step: 'compare',
    verdict: technician ? 'not-proven' : inside ? 'good' : 'look-again',
    claim: technician
      ? `${figure.label} ${fmt(value)} ${figure.unit} against a technician’s own target.`
      : inside
        ? `${figure.label} ${fmt(value)} ${figure.unit} is in its slot.`
        : `${figure.label} is ${high ? 'high' : 'low'}: ${fmt(value)} ${figure.unit}, wanted ${fmt(target.low)} to ${fmt(target.high)}.`,
    evidence: evidenceOf(figure),
    because: technician
      ? 'A target chosen by a technician cannot prove a charge; find the plate or the maker’s table.'
      : reasonFor(figure.id, inside, high),
    source: target.source,
    confidence:
      Math.abs(missOf(figure)) > 1 + (figure.uncertainty ?? 0) / Math.max(0.1, target.high - target.value)
        ? 'high'
        : 'medium',
    miss: Math.abs(missOf(figure)),
    next: inside && !technician ? undefined : checkFor(figure, high),
  };
}

function reasonFor(id: Figure['id'], inside: boolean, high: boolean): string {
  if (inside) return 'It agrees with its target.';
  switch (id) {
    case 'air-split':
      return high ? 'Too little air over the coil.' : 'Low charge, duct gain before the probe, or too much air.';
    case 'compressor-amps':
      return high ? 'High head, low voltage, or a weak capacitor.' : 'Low charge or a compressor that does not pump.';
    case 'superheat':
      return high ? 'The coil is starved: charge, restriction or valve.' : 'Liquid may be reaching the compressor.';
    default:
      return high
        ? 'Liquid backs up in the condenser: overcharge, restriction or air in it.'
        : 'Too little liquid in the condenser.';
  }
}

function checkFor(figure: Figure, high: boolean): Next {
  const what: Partial<Record<Figure['id'], string>> = {
    'air-split': high
      ? 'Measure airflow again: filter, registers, blower tap.'
      : 'Move the supply probe upstream, then compare charge and airflow.',
    'compressor-amps': high
      ? 'Check voltage under load and the run capacitor.'
      : 'Compare suction and head: a weak compressor shows high suction with low head.',
    superheat: high
      ? 'Check the valve bulb and feel for a temperature drop across the drier (more than 3 °F is a restriction).'
      : 'Check the valve bulb: clamped, insulated, right way up. Watch for liquid at the compressor.',
  };
  return {
    say: what[figure.id] ?? 'Check the target and its source.',
    because: `${figure.label} ${fmt(figure.value!)} ${figure.unit}.`,
    action: { kind: 'check', what: figure.id },
  };
}

/** Adds charge advice to the figure that the metering device is judged by, or says why it is held back. */
function withCharge(input: JudgeInput, figures: Figures, finding: Finding, held: readonly string[]): Finding {
  if (finding.verdict !== 'look-again') {
    const figure = figures.byId[finding.id as Figure['id']];
    const short = figure.target && figure.value !== undefined ? figure.target.value - figure.value : 0;
    if (finding.verdict === 'good' && finding.id === 'subcooling' && short > 1.5) {
      return { ...finding, claim: `${finding.claim} ${fmt(short)} °F under plate: read again after a longer run.` };
    }
    return finding;
  }
  const { system } = input;
  const valve = system.metering !== 'fixed-orifice';
  const sh = figures.byId.superheat;
  const sc = figures.byId.subcooling;
  const figure = valve ? sc : sh;
  const target = figure.target!;
  const wantsMore = valve ? target.value - figure.value! : figure.value! - target.value;
  const other = (say: string, because: string): Finding => ({
    ...finding,
    because,
    next: { say, because, action: { kind: 'check', what: figure.id } },
  });
  if (wantsMore > 0 && sh.value !== undefined && sh.value < FLOODING_SUPERHEAT_F)
    return {
      ...other(
        'Do not add refrigerant. Look at the metering device: it floods.',
        'Superheat is gone while the charge looks low: adding liquid would reach the compressor.',
      ),
      verdict: 'stop',
    };
  if (held.length) {
    return other('Prove the earlier steps first; charge advice is held back.', `Held back: ${held[0]}`);
  }
  if (wantsMore > 0) {
    if (valve && sh.value !== undefined && sh.value < 4) {
      return other(
        'Do not add refrigerant. Check the valve and its bulb.',
        'Low superheat with low subcooling is a valve or a compressor, not a low charge.',
      );
    }
    if (!valve && sc.value !== undefined && sc.value > 20) {
      return other(
        'Do not add refrigerant. Look for a restriction.',
        'High superheat with high subcooling: liquid is held back before the coil.',
      );
    }
    if (system.trimOz > OVER_LIMIT * system.chargeTargetOz) {
      return other(
        'Stop adding. Look for a leak, a wrong line length or a restriction.',
        `${fmt(system.trimOz)} oz were added beyond the weighed charge, more than 10 % of it.`,
      );
    }
  } else if (valve && sh.value !== undefined && sh.value > 25) {
    return other(
      'Do not recover yet. Look for a restriction at the drier or valve.',
      'High subcooling with high superheat: liquid is held back.',
    );
  }
  const step = chargeStep({
    systemChargeOz: system.chargeInOz,
    errorF: wantsMore,
    metering: valve ? 'valve' : 'orifice',
    learned: [...system.learned],
  });
  if (!step.ok) return finding;
  const line = system.unknownLine;
  // Unknown line length: half the estimated shortfall first, then half of what is left within the ordinary step.
  const half = Math.abs(step.value.askOz) / 2;
  const oz =
    line && wantsMore > 0
      ? line.trims === 0
        ? half
        : Math.min(half, Math.abs(step.value.stepOz))
      : Math.abs(step.value.stepOz);
  const impliedFt = line ? line.includedFt + Math.max(0, system.trimOz + (wantsMore > 0 ? oz : 0)) / line.ozPerFt : 0;
  const implied = line ? ` With it the charge implies a line of about ${impliedFt.toFixed(0)} ft: can that be?` : '';
  const moves = oz * step.value.degreesPerOz;
  const add = step.value.stepOz > 0;
  const far = Math.abs(missOf(figure)) > TWICE ? ' This is one of several steps.' : '';
  return {
    ...finding,
    next: {
      say: add
        ? `Add ${fmt(oz)} oz as liquid, then wait ${step.value.waitMin} min.`
        : `Recover ${fmt(oz)} oz, then wait ${step.value.waitMin} min.`,
      because: `${figure.label} is ${fmt(Math.abs(wantsMore))} °F ${add === valve ? 'under' : 'over'} its target; airflow, coils and steadiness are proven. ${fmt(oz)} oz moves it about ${fmt(moves)} °F (${step.value.how}).${far}${implied}`,
      action: add ? { kind: 'weigh-in', oz } : { kind: 'recover', oz },
      waitMin: step.value.waitMin,
    },
  };
}
