import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { type Fields, figure, is, maybe, pick, schemaOf } from '@/core/form/field';
import { capacitor } from '@/core/power/capacitors';
import { imbalance } from '@/core/power/imbalance';
import { q, type Said } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

const three = is('supply', 'three-phase');
const reading = (label: Said, low: number, high: number, unit: string, more: object = {}) =>
  maybe(figure(label, low, high, unit, more));

/** What a meter shows on the running unit, typed; nothing of it must be read, and what is left out is not judged. */
export const ELECTRICAL_RUN_FIELDS = {
  supply: pick(tell('startup.supply'), {
    'single-phase': tell('startup.single-phase'),
    'three-phase': tell('startup.three-phase'),
  }),
  restV: reading(tell('startup.volts-at-rest'), 90, 620, 'V'),
  startV: reading(tell('startup.lowest-volts-as-it-starts'), 30, 620, 'V'),
  poleDropV: reading(tell('startup.drop-over-the-worst-contactor-pole'), 0, 30, 'V', {
    hint: tell('startup.across-a-closed-pole-while-it-runs'),
  }),
  v12: reading(tell('startup.volts-l1-l2'), 90, 620, 'V', { when: three }),
  v23: reading(tell('startup.volts-l2-l3'), 90, 620, 'V', { when: three }),
  v31: reading(tell('startup.volts-l3-l1'), 90, 620, 'V', { when: three }),
  a1: reading(tell('startup.amps-l1'), 0.1, 500, 'A', { when: three }),
  a2: reading(tell('startup.amps-l2'), 0.1, 500, 'A', { when: three }),
  a3: reading(tell('startup.amps-l3'), 0.1, 500, 'A', { when: three }),
  capacitorUf: reading(tell('startup.compressor-capacitor-rated'), 1, 300, 'µF', {
    hint: tell('startup.on-its-label'),
  }),
  capacitorA: reading(tell('startup.amps-of-its-start-winding-lead'), 0.05, 100, 'A'),
  capacitorV: reading(tell('startup.volts-across-it'), 50, 700, 'V'),
  fanCapacitorUf: reading(tell('startup.fan-capacitor-rated'), 1, 100, 'µF', { more: true }),
  fanCapacitorA: reading(tell('startup.amps-of-its-lead'), 0.05, 50, 'A', { more: true }),
  fanCapacitorV: reading(tell('startup.volts-across-the-fan-capacitor'), 50, 700, 'V', { more: true }),
  secondaryV: reading(tell('startup.transformer-secondary'), 5, 60, 'V'),
  secondaryA: reading(tell('startup.amps-of-the-secondary'), 0.01, 20, 'A'),
  transformerVa: reading(tell('startup.transformer-rated'), 5, 500, 'VA'),
  blowerA: reading(tell('startup.indoor-blower'), 0.05, 60, 'A', { more: true }),
  blowerFlaA: reading(tell('startup.blower-fla-on-its-plate'), 0.1, 60, 'A', { more: true }),
} as const satisfies Fields;
export const electricalRunSchema = schemaOf(ELECTRICAL_RUN_FIELDS);
export type ElectricalRun = z.infer<typeof electricalRunSchema>;

/** The supply may sag by this much while a motor starts (common practice), %. */
const START_SAG_PCT = 10;
/** Over a closed pole: below the first good, above the second replaced (common practice), V. */
const POLE = { good: 0.2, worn: 0.5 } as const;
/** Of the volts of three phases (NEMA MG 1, edition not checked): good, run only while the cause is found, do not run, %. */
const VOLTS_APART = { good: 1, look: 2, stop: 5 } as const;
/** Of their amps (common practice), %. */
const AMPS_APART_STOP = 10;
/** What a run capacitor may be off by its label (common practice), %. */
const CAPACITOR_PCT = 6;
/** A 24 V secondary (common practice): good between the two, look again down to the least, else stop and find out, V. */
const SECONDARY = { low: 24, high: 28, least: 22 } as const;
/** A transformer is loaded to this of its rating (common practice), %. */
const LOAD_PCT = 80;

type Add = ReturnType<typeof checksBy>['add'];

/**
 * The electrical proof of the running unit: sag at the start, contactor, imbalance of three phases, capacitors under load,
 * transformer, blower. Compressor and outdoor fan are judged with the round they were read in.
 *
 * @param threePhase the plate has three: then their volts must be read
 * @returns one finding a figure that was read; `elec-nothing` where none was
 * @source NEMA MG 1 (edition not checked), common practice; the maker's figures win. Live parts are for qualified people.
 * Not covered: inverters' inputs, power factor
 */
export function judgeElectricalRun(run: ElectricalRun, { threePhase = false } = {}): Finding[] {
  const { found, add } = checksBy(tell('startup.nema-mg-1-common-practice-maker-wins'));
  sag(run, add);
  pole(run, add);
  if (run.supply === 'three-phase') phases(run, add);
  if (threePhase && !all([run.v12, run.v23, run.v31]))
    add(
      'elec-phases',
      'not-proven',
      tell('startup.three-phases-on-the-plate-are-not-read'),
      tell('startup.they-are-judged-together'),
      tell('startup.read-all-three-phases'),
    );
  capacitorCheck('elec-capacitor', [run.capacitorUf, run.capacitorA, run.capacitorV], add);
  capacitorCheck('elec-fan-capacitor', [run.fanCapacitorUf, run.fanCapacitorA, run.fanCapacitorV], add);
  transformer(run, add);
  blower(run, add);
  if (!found.length)
    add(
      'elec-nothing',
      'not-proven',
      tell('startup.nothing-electrical-was-read'),
      tell('startup.a-box-left-empty-says-nothing'),
      tell('startup.read-what-the-meter-shows'),
    );
  return found;
}

function sag({ restV, startV }: ElectricalRun, add: Add): void {
  if (restV === null || startV === null) return;
  const pct = (100 * (restV - startV)) / restV;
  add(
    'elec-sag',
    pct <= START_SAG_PCT ? 'good' : 'look-again',
    tell('startup.supply-sags-by', { pct: q(pct, 'pct', 1), rest: q(restV, 'V'), start: q(startV, 'V') }),
    tell('startup.more-than-this-is-the-feeder', { most: q(START_SAG_PCT, 'pct', 'as is') }),
    tell('startup.have-feeder-and-its-joints-checked'),
    pct / START_SAG_PCT,
  );
}

function pole({ poleDropV }: ElectricalRun, add: Add): void {
  if (poleDropV === null) return;
  add(
    'elec-pole',
    poleDropV <= POLE.good ? 'good' : 'look-again',
    tell('startup.contactor-pole-drops', { volts: q(poleDropV, 'V', 2) }),
    tell('startup.a-clean-pole-drops-almost-nothing', { good: q(POLE.good, 'V', 'as is') }),
    tell(poleDropV > POLE.worn ? 'startup.replace-the-contactor' : 'startup.tighten-its-screws-and-read-again'),
    poleDropV / POLE.worn,
  );
}

const all = (values: readonly (number | null)[]): number[] | undefined =>
  values.every((v): v is number => v !== null) ? [...values] : undefined;

/** Some of several that belong together, but not all: a finding of its own, so that half a reading is not taken for none. */
function half(id: string, values: readonly (number | null)[], ask: Said, add: Add): boolean {
  if (values.every((v) => v === null) || all(values)) return false;
  add(id, 'not-proven', tell('startup.half-of-it-was-read'), tell('startup.they-are-judged-together'), ask, 0.5);
  return true;
}

function phases(run: ElectricalRun, add: Add): void {
  const volts = [run.v12, run.v23, run.v31];
  const amps = [run.a1, run.a2, run.a3];
  half('elec-volts-apart', volts, tell('startup.read-all-three-phases'), add);
  half('elec-amps-apart', amps, tell('startup.read-all-three-phases'), add);
  const v = all(volts);
  const apart = v && imbalance({ values: v });
  if (apart?.ok) {
    const pct = apart.value.imbalancePct;
    add(
      'elec-volts-apart',
      pct <= VOLTS_APART.good ? 'good' : pct > VOLTS_APART.stop ? 'stop' : 'look-again',
      tell('startup.volts-of-three-phases-apart', { pct: q(pct, 'pct', 1) }),
      // A motor's winding warms by about twice the square of the imbalance in percent (NEMA MG 1, from memory).
      tell('startup.winding-warms-by', { rise: q(2 * pct ** 2, 'pct', 0) }),
      tell(
        pct > VOLTS_APART.stop
          ? 'startup.do-not-run-it-find-the-phase'
          : pct > VOLTS_APART.look
            ? 'startup.find-the-cause-before-it-runs-on'
            : 'startup.watch-it-and-read-under-full-load',
      ),
      pct / VOLTS_APART.look,
    );
  }
  const a = all(amps);
  const uneven = a && imbalance({ values: a });
  if (uneven?.ok) {
    const pct = uneven.value.imbalancePct;
    add(
      'elec-amps-apart',
      pct <= AMPS_APART_STOP ? 'good' : 'stop',
      tell('startup.amps-of-three-phases-apart', { pct: q(pct, 'pct', 1) }),
      tell('startup.amps-lie-apart-six-to-ten-times-the-volts'),
      tell('startup.rotate-the-lines-and-see-what-follows'),
      pct / AMPS_APART_STOP,
    );
  }
}

function capacitorCheck(
  id: 'elec-capacitor' | 'elec-fan-capacitor',
  values: readonly [number | null, number | null, number | null],
  add: Add,
): void {
  const name = tell(id === 'elec-capacitor' ? 'startup.compressor-capacitor' : 'startup.fan-capacitor');
  if (half(id, values, tell('startup.read-label-amps-and-volts'), add)) return;
  const read = all(values);
  if (!read) return;
  const [rated, amps, volts] = read as [number, number, number];
  const has = capacitor({ amps, volts });
  if (!has.ok) return;
  const off = (100 * (has.value.microfarads - rated)) / rated;
  add(
    id,
    Math.abs(off) <= CAPACITOR_PCT ? 'good' : 'look-again',
    tell('startup.capacitor-has', {
      name,
      has: q(has.value.microfarads, 'number', 1),
      rated: q(rated, 'number', 'as is'),
    }),
    tell('startup.capacitor-within', { pct: q(CAPACITOR_PCT, 'pct', 'as is') }),
    tell('startup.change-the-capacitor'),
    Math.abs(off) / CAPACITOR_PCT,
  );
}

function transformer({ secondaryV, secondaryA, transformerVa }: ElectricalRun, add: Add): void {
  if (secondaryV !== null)
    add(
      'elec-secondary',
      secondaryV > SECONDARY.high || secondaryV < SECONDARY.least
        ? 'stop'
        : secondaryV >= SECONDARY.low
          ? 'good'
          : 'look-again',
      tell('startup.secondary-reads', { volts: q(secondaryV, 'V', 1) }),
      tell('startup.secondary-between', { low: SECONDARY.low, high: q(SECONDARY.high, 'V', 'as is') }),
      tell('startup.tap-of-the-primary-to-the-supply'),
      1,
    );
  if (secondaryV === null || secondaryA === null || transformerVa === null) {
    // Its volts stand by themselves; a load needs all three.
    if (secondaryA !== null)
      half('elec-va', [secondaryV, secondaryA, transformerVa], tell('startup.read-volts-amps-and-rating'), add);
    return;
  }
  const va = secondaryV * secondaryA;
  const pct = (100 * va) / transformerVa;
  add(
    'elec-va',
    pct <= LOAD_PCT ? 'good' : 'look-again',
    tell('startup.transformer-gives', { va: q(va, 'number', 1), pct: q(pct, 'pct', 0) }),
    tell('startup.transformer-loaded-to', { most: q(LOAD_PCT, 'pct', 'as is') }),
    tell('startup.a-larger-transformer-or-less-on-it'),
    pct / LOAD_PCT,
  );
}

function blower({ blowerA, blowerFlaA }: ElectricalRun, add: Add): void {
  if (half('elec-blower', [blowerA, blowerFlaA], tell('startup.read-blower-amps-and-plate'), add)) return;
  if (blowerA === null || blowerFlaA === null) return;
  add(
    'elec-blower',
    blowerA <= blowerFlaA ? 'good' : 'look-again',
    tell('startup.blower-draws-of', { amps: q(blowerA, 'A', 1), fla: q(blowerFlaA, 'A', 'as is') }),
    tell('startup.fla-is-limit-for-fan-motor'),
    tell('startup.its-speed-static-and-wheel'),
    blowerA / blowerFlaA,
  );
}
