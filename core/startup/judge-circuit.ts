import { OVER_LIMIT } from '@/core/circuit/weigh-in';
import { FAULT_WORDS, FOLLOW_UP_WORDS } from '@/core/diagnosis/said';
import { tell as diagnosis } from '@/core/diagnosis/words';
import type { Finding, Next } from '@/core/finding/finding';
import { tell } from '@/core/startup/words';
import { q, type Said, value as word } from '@/core/words/said';
import { chargeStep } from './charge-step';
import { type Figure, type Figures, missOf } from './figure';
import type { JudgeInput } from './judge-input';
import { reasoningOf } from './reasoning';

/** A reading is a clear pass only when its ± does not reach across the limit by more than the whole band. */
const TWICE = 2;
const FLOODING_SUPERHEAT_F = 2;

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
  held: readonly Said[],
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
      out.push(notProven(figure, tell('startup.not-proven-probe-in-it-is', { label: figure.label })));
      continue;
    }
    if (!figure.target) {
      out.push(
        notProven(
          figure,
          figure.noTarget
            ? tell('startup.no-target-because', { label: figure.label, noTarget: figure.noTarget })
            : tell('startup.no-target', { label: figure.label }),
        ),
      );
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

function notProven(figure: Figure, claim: Said): Finding {
  return {
    id: figure.id,
    step: 'compare',
    verdict: 'not-proven',
    claim,
    evidence: evidenceOf(figure),
    because: figure.target
      ? tell('startup.number-from-doubtful-probe-decides-nothing')
      : tell('startup.without-target-there-is-no-verdict'),
    source: figure.source,
    confidence: 'high',
    miss: 1,
  };
}

function judgeAgainst(figure: Figure, target: NonNullable<Figure['target']>): Finding {
  const value = figure.value!;
  const inside = value >= target.low && value <= target.high;
  const technician = target.technician === true;
  const high = value > target.value;
  // What lies below its band by no more than its place may cost is not called low.
  const byPlace = !inside && !high && value + (figure.readsLow ?? 0) >= target.low;
  return {
    id: figure.id,
    step: 'compare',
    verdict: technician || byPlace ? 'not-proven' : inside ? 'good' : 'look-again',
    claim:
      byPlace && !technician
        ? tell('startup.low-may-be-the-register', {
            label: figure.label,
            value: q(value, 'F'),
            off: q(figure.readsLow, 'F', 'as is'),
          })
        : technician
          ? tell('startup.against-technicians-own-target', {
              label: figure.label,
              value: q(value, 'number', 1),
              unit: figure.unit,
            })
          : inside
            ? tell('startup.is-in-its-slot', { label: figure.label, value: q(value, 'number', 1), unit: figure.unit })
            : tell('startup.is-wanted-to', {
                label: figure.label,
                high: word(high ? 'too-high' : 'too-low'),
                value: q(value, 'number', 1),
                unit: figure.unit,
                low: q(target.low, 'number', 1),
                high2: q(target.high, 'number', 1),
              }),
    evidence: evidenceOf(figure),
    because: technician ? tell('startup.target-chosen-by-technician-cannot-prove') : reasonFor(figure.id, inside, high),
    source: target.source,
    confidence:
      Math.abs(missOf(figure)) > 1 + (figure.uncertainty ?? 0) / Math.max(0.1, target.high - target.value)
        ? 'high'
        : 'medium',
    miss: Math.abs(missOf(figure)),
    next: inside && !technician ? undefined : byPlace ? plenumNext(figure) : checkFor(figure, high),
  };
}

const plenumNext = (figure: Figure): Next => ({
  say: tell('startup.move-the-probe-into-the-plenum'),
  because: tell('startup.label-value-unit', {
    label: figure.label,
    value: q(figure.value!, 'number', 1),
    unit: figure.unit,
  }),
  action: { kind: 'enter-reading', quantity: 'supplyDryBulbF' },
});

function reasonFor(id: Figure['id'], inside: boolean, high: boolean): Said {
  if (inside) return tell('startup.it-agrees-with-its-target');
  switch (id) {
    case 'air-split':
      return high ? tell('startup.too-little-air-over-coil') : tell('startup.low-charge-duct-gain-before-probe');
    case 'compressor-amps':
      return high ? tell('startup.high-head-low-voltage-or-weak') : tell('startup.low-charge-or-compressor-that-does');
    case 'superheat':
      return high
        ? tell('startup.coil-is-starved-charge-restriction-or')
        : tell('startup.liquid-may-be-reaching-compressor');
    default:
      return high
        ? tell('startup.liquid-backs-up-in-condenser-overcharge')
        : tell('startup.too-little-liquid-in-condenser');
  }
}

function checkFor(figure: Figure, high: boolean): Next {
  const what: Partial<Record<Figure['id'], Said>> = {
    'air-split': high
      ? tell('startup.measure-airflow-again-filter-registers-blower')
      : tell('startup.move-supply-probe-upstream-then-compare'),
    'compressor-amps': high
      ? tell('startup.check-voltage-under-load-and-run')
      : tell('startup.compare-suction-and-head-weak-compressor'),
    superheat: high
      ? tell('startup.check-valve-bulb-and-feel-for')
      : tell('startup.check-valve-bulb-clamped-insulated-right'),
  };
  return {
    say: what[figure.id] ?? tell('startup.check-target-and-its-source'),
    because: tell('startup.label-value-unit', {
      label: figure.label,
      value: q(figure.value!, 'number', 1),
      unit: figure.unit,
    }),
    action: { kind: 'check', what: figure.id },
  };
}

/** From this belief on another fault keeps the charge as it is, where it is likelier than the charge. */
const HOLDS_FROM = 0.3;

/** Another fault that explains the readings better than the charge does, and what tells it from the charge. */
function betterThanCharge(input: JudgeInput, charge: 'undercharge' | 'overcharge') {
  const found = reasoningOf(input.system, input.readings, input.airflow);
  const other = found?.ranked.find((r) => r.fault !== 'healthy');
  if (!found || !other || other.fault === charge || other.probability < HOLDS_FROM) return undefined;
  return {
    measure: found.nextMeasurement.id,
    because: diagnosis('diagnosis.charge-stays', { fault: FAULT_WORDS[other.fault] }),
  };
}

/** Adds charge advice to the figure that the metering device is judged by, or says why it is held back. */
function withCharge(input: JudgeInput, figures: Figures, finding: Finding, held: readonly Said[]): Finding {
  if (finding.verdict !== 'look-again') {
    const figure = figures.byId[finding.id as Figure['id']];
    const short = figure.target && figure.value !== undefined ? figure.target.value - figure.value : 0;
    if (finding.verdict === 'good' && finding.id === 'subcooling' && short > 1.5) {
      return {
        ...finding,
        claim: tell('startup.under-plate-read-again-after-longer', { claim: finding.claim, short: q(short, 'F') }),
      };
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
  const other = (say: Said, because: Said): Finding => ({
    ...finding,
    because,
    next: { say, because, action: { kind: 'check', what: figure.id } },
  });
  if (wantsMore > 0 && sh.value !== undefined && sh.value < FLOODING_SUPERHEAT_F)
    return {
      ...other(tell('startup.do-not-add-refrigerant-look-at'), tell('startup.superheat-is-gone-while-charge-looks')),
      verdict: 'stop',
    };
  if (held.length) {
    return other(tell('startup.prove-earlier-steps-first-charge-advice'), tell('startup.held-back', { held: held[0] }));
  }
  if (wantsMore > 0) {
    if (valve && sh.value !== undefined && sh.value < 4) {
      return other(
        tell('startup.do-not-add-refrigerant-check-valve'),
        tell('startup.low-superheat-with-low-subcooling-is'),
      );
    }
    if (!valve && sc.value !== undefined && sc.value > 20) {
      return other(
        tell('startup.do-not-add-refrigerant-look-for'),
        tell('startup.high-superheat-with-high-subcooling-liquid'),
      );
    }
    if (system.trimOz > OVER_LIMIT * system.chargeTargetOz) {
      return other(
        tell('startup.stop-adding-look-for-leak-wrong'),
        tell('startup.were-added-beyond-weighed-charge-more', { trimOz: q(system.trimOz, 'oz') }),
      );
    }
  } else if (valve && sh.value !== undefined && sh.value > 25) {
    return other(
      tell('startup.do-not-recover-yet-look-for'),
      tell('startup.high-subcooling-with-high-superheat-liquid'),
    );
  }
  const otherwise = betterThanCharge(input, wantsMore > 0 ? 'undercharge' : 'overcharge');
  if (otherwise) return other(FOLLOW_UP_WORDS[otherwise.measure], otherwise.because);
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
  const implied = line ? tell('startup.with-it-charge-implies-line-of', { impliedFt: q(impliedFt, 'ft') }) : '';
  const moves = oz * step.value.degreesPerOz;
  const add = step.value.stepOz > 0;
  const far = Math.abs(missOf(figure)) > TWICE ? tell('startup.this-is-one-of-several-steps') : '';
  return {
    ...finding,
    next: {
      say: add
        ? tell('startup.add-as-liquid-then-wait', { oz: q(oz, 'oz'), waitMin: q(step.value.waitMin, 'min', 'as is') })
        : tell('startup.recover-then-wait', { oz: q(oz, 'oz'), waitMin: q(step.value.waitMin, 'min', 'as is') }),
      because: tell('startup.is-its-target-airflow-coils-and', {
        label: figure.label,
        wantsMore: q(Math.abs(wantsMore), 'F'),
        add: word(add === valve ? 'under' : 'above-target'),
        oz: q(oz, 'oz'),
        moves: q(moves, 'F'),
        how: step.value.how,
        far,
        implied,
      }),
      action: add ? { kind: 'weigh-in', oz } : { kind: 'recover', oz },
      waitMin: step.value.waitMin,
    },
  };
}
