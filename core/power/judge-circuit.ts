import { acceptedVolts, type PlateVolts } from '@/core/equipment/plate-volts';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { q } from '@/core/words/said';
import { ampacityOf, type Laid } from './conductor-ampacity';
import { AWG, type Awg } from './conductors';
import { equipmentGround } from './equipment-ground';
import { imbalance } from './imbalance';
import { dropOf } from './voltage-drop';
import { tell } from './words';

/** Circuit as found or as it will be, and what the new plate asks of it. Null: nobody read it. */
export type PowerCircuit = {
  volts: PlateVolts;
  phases: 1 | 3;
  mcaA: number | null;
  mocpA: number | null;
  /** The plate allows fuses only. */
  fusesOnly: boolean;
  /** Electric heat on it: its conductors are never relieved by the motor rules. */
  electricHeat: boolean;
  rlaA: readonly number[];
  otherA: readonly number[];
  lraA: number | null;
  ocpd: 'breaker' | 'fuses';
  ocpdA: number | null;
  awg: Awg | null;
  laid: Laid;
  lengthFt: number | null;
  groundAwg: number | null;
  disconnectA: number | null;
  /** Measured between the lines: one figure, or three. */
  supplyV: readonly number[];
};

/** A disconnect carries this much of what runs (NEC 440.12, edition not checked). */
const DISCONNECT_SHARE = 1.15;
/** Drop while it runs (advice of the code), %: up to the first good, up to the second to look at. */
const DROP_GOOD_PCT = 3;
const DROP_MOST_PCT = 5;
/** Dip while it starts (house rule), %. */
const DIP_PCT = 10;
/** Unbalance of voltage (NEMA MG 1, edition not checked), %. */
const UNBALANCE_GOOD_PCT = 1;
const UNBALANCE_MOST_PCT = 2;
const ROUNDING = 1e-6;

/**
 * The circuit of a unit against its plate: breaker between ampacity and largest, conductor as it is laid, ground, disconnect, supply,
 * drop running and starting. Local code and a licensed person govern.
 * Does not cover: the service's load, ground-fault protection, aluminum.
 */
export function judgeCircuit(c: PowerCircuit): Finding[] {
  return orderFindings([breaker(c), conductor(c), ground(c), disconnect(c), supply(c), ...drops(c)]);
}

const PLATE = tell('power.the-plate-nec-440-edition-not-checked');
const TABLE = tell('power.nec-310-16-edition-not-checked');
const unread = (id: string, what: ReturnType<typeof tell>, source = PLATE): Finding => ({
  id,
  verdict: 'not-proven',
  claim: what,
  because: tell('power.local-code-and-a-licensed-person-govern'),
  source,
});

function breaker({ mcaA, mocpA, ocpdA, ocpd, fusesOnly }: PowerCircuit): Finding {
  if (mcaA === null || mocpA === null) return unread('ocpd', tell('power.plate-is-not-read'));
  if (ocpdA === null) return unread('ocpd', tell('power.breaker-is-not-read'));
  const base = {
    id: 'ocpd',
    because: tell('power.between-and', { mcaA: q(mcaA, 'A', 'as is'), mocpA: q(mocpA, 'A', 'as is') }),
    source: PLATE,
  };
  const found = { ocpdA: q(ocpdA, 'A', 'as is') };
  if (fusesOnly && ocpd === 'breaker')
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.plate-asks-for-fuses', found),
      next: advise(tell('power.fit-fuses')),
    };
  if (ocpdA > mocpA + ROUNDING)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.breaker-above-largest', found),
      next: advise(tell('power.change-breaker-before-power')),
      miss: ocpdA / mocpA,
    };
  if (ocpdA < mcaA - ROUNDING)
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('power.breaker-below-ampacity', found),
      next: advise(tell('power.change-breaker-and-check-wire')),
      miss: mcaA / ocpdA,
    };
  return { ...base, verdict: 'good', claim: tell('power.breaker-fits', found) };
}

function conductor({ awg, laid, mcaA, ocpdA, electricHeat }: PowerCircuit): Finding {
  if (awg === null || mcaA === null) return unread('conductor', tell('power.conductor-is-not-read'), TABLE);
  const ampacityA = ampacityOf(awg, laid);
  const base = { id: 'conductor', source: TABLE };
  if (ampacityA === undefined)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.no-rating-in-that-heat', { awg }),
      because: tell('power.insulation-fails-first'),
    };
  const said = { awg, ampacityA: q(ampacityA, 'A', 1) };
  const asked = tell('power.circuit-asks', { mcaA: q(mcaA, 'A', 'as is') });
  // The smallest that carries it as this one is laid.
  const larger = AWG.find((a) => (ampacityOf(a, laid) ?? 0) >= mcaA - ROUNDING && a < awg);
  const pull = advise(larger ? tell('power.pull-awg', { awg: larger }) : tell('power.larger-conductor'));
  if (ampacityA < mcaA - ROUNDING)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.conductor-below-ampacity', said),
      because: asked,
      next: pull,
      miss: mcaA / ampacityA,
    };
  // A motor's breaker may stand above its conductor; that of electric heat may not.
  if (electricHeat && ocpdA !== null && ocpdA > ampacityA + ROUNDING)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.heat-is-not-relieved', { ...said, ocpdA: q(ocpdA, 'A', 'as is') }),
      because: asked,
      next: pull,
      miss: ocpdA / ampacityA,
    };
  return { ...base, verdict: 'good', claim: tell('power.conductor-carries', said), because: asked };
}

function ground({ groundAwg, ocpdA }: PowerCircuit): Finding {
  const source = tell('power.nec-250-122-edition-not-checked');
  const wanted = ocpdA === null ? undefined : equipmentGround({ ocpdA });
  if (groundAwg === null || !wanted?.ok) return unread('ground', tell('power.ground-is-not-seen'), source);
  const said = { groundAwg, awg: wanted.value.awg };
  const base = { id: 'ground', because: tell('power.breaker-asks-for-ground', said), source };
  // A smaller number is a thicker wire.
  return groundAwg <= wanted.value.awg
    ? { ...base, verdict: 'good', claim: tell('power.ground-is', said) }
    : {
        ...base,
        verdict: 'stop',
        claim: tell('power.ground-too-thin', said),
        next: advise(tell('power.pull-a-ground')),
      };
}

function disconnect({ disconnectA, rlaA, otherA, mcaA }: PowerCircuit): Finding {
  const runs = [...rlaA, ...otherA].reduce((sum, a) => sum + a, 0);
  // Without the motors' own figures the ampacity stands in, which is never less.
  const least = runs > 0 ? DISCONNECT_SHARE * runs : mcaA;
  if (disconnectA === null || least === null) return unread('disconnect', tell('power.disconnect-is-not-read'));
  const said = { disconnectA: q(disconnectA, 'A', 'as is'), least: q(least, 'A', 1) };
  const base = {
    id: 'disconnect',
    because: tell('power.disconnect-carries-115', said),
    source: tell('power.nec-440-12-edition-not-checked'),
  };
  return disconnectA >= least - ROUNDING
    ? { ...base, verdict: 'good', claim: tell('power.disconnect-fits', said) }
    : {
        ...base,
        verdict: 'look-again',
        claim: tell('power.disconnect-too-small', said),
        next: advise(tell('power.change-disconnect')),
        miss: least / disconnectA,
      };
}

function supply({ supplyV, volts, phases }: PowerCircuit): Finding {
  const { low, high } = acceptedVolts(volts);
  const source = tell('power.the-plate-nema-mg-1-edition-not-checked');
  const because = tell('power.plate-takes', { volts, low, high });
  if (supplyV.length !== (phases === 3 ? 3 : 1)) return unread('supply', tell('power.supply-is-not-measured'), source);
  const base = { id: 'supply', because, source };
  const told = { volts: q(Math.min(...supplyV), 'V', 0) };
  if (supplyV.some((v) => v < low || v > high))
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.supply-is-not-what-plate-takes', {
        volts: q(supplyV.find((v) => v < low || v > high)!, 'V', 0),
      }),
      next: advise(tell('power.find-out-before-anything-is-connected')),
    };
  const even = phases === 3 ? imbalance({ values: [...supplyV] }) : undefined;
  const pct = even?.ok ? even.value.imbalancePct : 0;
  if (pct <= UNBALANCE_GOOD_PCT) return { ...base, verdict: 'good', claim: tell('power.supply-fits', told) };
  return {
    ...base,
    verdict: pct > UNBALANCE_MOST_PCT ? 'stop' : 'look-again',
    claim: tell('power.phases-lie-apart', { pct: q(pct, 'pct', 2) }),
    next: advise(tell('power.roll-the-leads-and-measure-again')),
    miss: pct,
  };
}

function drops({ awg, lengthFt, volts, phases, rlaA, otherA, lraA, supplyV, mcaA }: PowerCircuit): Finding[] {
  const source = tell('power.ohms-law-nec-chapter-9-advice');
  // Without the motors' own figures the ampacity stands in, which is never less.
  const runs = [...rlaA, ...otherA].reduce((sum, a) => sum + a, 0) || (mcaA ?? 0);
  if (awg === null || lengthFt === null || runs === 0)
    return [unread('drop', tell('power.drop-cannot-be-told'), source)];
  const nominal = supplyV[0] ?? acceptedVolts(volts).low;
  const pct = (amps: number): number => (100 * dropOf(awg, amps, lengthFt, phases)) / nominal;
  const running = pct(runs);
  const said = { awg, pct: q(running, 'pct', 1), lengthFt: q(lengthFt, 'ft', 0) };
  const base = { because: tell('power.low-volts-are-high-amps'), source };
  const dip = lraA === null ? undefined : pct(lraA);
  return [
    running <= DROP_GOOD_PCT + ROUNDING
      ? { ...base, id: 'drop', verdict: 'good', claim: tell('power.drop-running', said) }
      : {
          ...base,
          id: 'drop',
          verdict: running > DROP_MOST_PCT ? 'stop' : 'look-again',
          claim: tell('power.drop-running', said),
          next: advise(tell('power.larger-conductor')),
          miss: running / DROP_GOOD_PCT,
        },
    ...(dip !== undefined && dip > DIP_PCT
      ? [
          {
            ...base,
            id: 'dip',
            verdict: 'look-again' as const,
            claim: tell('power.dip-at-start', { pct: q(dip, 'pct', 1) }),
            next: advise(tell('power.larger-conductor-or-soft-start')),
            miss: dip / DIP_PCT,
          },
        ]
      : []),
  ];
}
