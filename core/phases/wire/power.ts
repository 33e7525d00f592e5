import type { LibraryItem } from '@/core/equipment/library-item';
import type { PlateVolts } from '@/core/equipment/plate-volts';
import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { type EntryOf, entriesOf } from '@/core/phases/log/circuit-log';
import { newPieces } from '@/core/phases/scope/view';
import type { Awg } from '@/core/power/conductors';
import { heatKit } from '@/core/power/heat-kit';
import { judgeCircuit } from '@/core/power/judge-circuit';
import { numberOf } from '@/core/scope/survey/facts';
import { partsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';
import { q, type Said } from '@/core/words/said';
import type { WireSource } from './names';
import { plateCheck } from './proposal';
import type { WireSheet } from './wiring';
import { tell } from './words';

type CircuitSource = Extract<WireSource, 'outdoor' | 'indoor' | 'heat-1' | 'heat-2'>;
/** What the new plate asks of one circuit. Null: it is not on the sheet. */
export type CircuitPlate = {
  which: CircuitSource;
  volts: PlateVolts;
  phases: 1 | 3;
  mcaA: number | null;
  mocpA: number | null;
  electricHeat: boolean;
  rlaA: readonly number[];
  otherA: readonly number[];
  lraA: number | null;
};
export type CircuitView = {
  plate: CircuitPlate;
  entry: EntryOf<'power-circuit'> | undefined;
  /** What is known of it before anybody wrote it down. */
  known: { ocpdA: number | null; disconnectA: number | null };
  findings: Finding[];
};

/** Strips are made of elements of about this size (house rule, the kit's own plate wins), kW. */
const ELEMENT_KW = 5;
/** Voltage that a kit's kilowatts are rated at, V. */
const KIT_RATED_V = 240;

/** The circuits that this job's new equipment hangs on, with what its plates ask. */
export function circuitPlates(sheet: WireSheet): CircuitPlate[] {
  const known = knownFacts(sheet.survey.observations);
  const fresh = partsOf(known)?.fresh ?? new Set();
  const { outdoor, indoor, furnace, heaterKit } = newPieces(sheet);
  const out: CircuitPlate[] = [];
  if (fresh.has('outdoor') || fresh.has('package')) out.push(plateOf('outdoor', outdoor));
  const inside = fresh.has('furnace') ? furnace : fresh.has('air-handler') ? indoor : undefined;
  if (fresh.has('furnace') || fresh.has('air-handler')) out.push(plateOf('indoor', inside));
  const kw = heaterKit?.heaterKw;
  if (!heaterKit || !kw) return out;
  const elements = Math.max(1, Math.ceil(kw / ELEMENT_KW));
  const volts = heaterKit.volts === '208' ? 208 : KIT_RATED_V;
  const phases = heaterKit.phases === '3' ? 3 : 1;
  const r = heatKit({
    elementsKw: Array.from({ length: elements }, () => kw / elements),
    ratedVolts: KIT_RATED_V,
    volts,
    phases,
    blowerA: indoor?.fanFlaA ?? 0,
  });
  if (!r.ok) return out;
  const { circuitCount, minimumA, breakerA } = r.value;
  // The blower of an air handler with strips hangs on the first of their circuits.
  const rest = out.filter((c) => c.which !== 'indoor' || !fresh.has('air-handler'));
  return [
    ...rest,
    ...minimumA.slice(0, 2).map(
      (least, i): CircuitPlate => ({
        which: i === 0 ? 'heat-1' : 'heat-2',
        volts: heaterKit.volts,
        phases,
        // The kit's own plate wins over what is computed, where it has one circuit.
        mcaA: circuitCount === 1 ? (heaterKit.mcaA ?? least) : least,
        mocpA: circuitCount === 1 ? (heaterKit.mocpA ?? breakerA[i] ?? null) : (breakerA[i] ?? null),
        electricHeat: true,
        rlaA: [],
        otherA: [least / CONTINUOUS],
        lraA: null,
      }),
    ),
  ];
}
/** Electric heat counts as running all the time (NEC 424.4, edition not checked). */
const CONTINUOUS = 1.25;

const plateOf = (which: CircuitSource, item: LibraryItem | null | undefined): CircuitPlate => ({
  which,
  volts: item?.volts ?? '208/230',
  phases: item?.phases === '3' ? 3 : 1,
  mcaA: item?.mcaA ?? null,
  mocpA: item?.mocpA ?? null,
  electricHeat: false,
  rlaA: item?.rlaA ? [item.rlaA] : [],
  otherA: item?.fanFlaA ? [item.fanFlaA] : [],
  lraA: item?.lraA ?? null,
});

/** Each circuit with what was written of it, held against the plate. */
export function powerView(sheet: WireSheet): CircuitView[] {
  const known = knownFacts(sheet.survey.observations);
  const entries = entriesOf(sheet.systemLog, 'power-circuit');
  return circuitPlates(sheet).map((plate) => {
    const entry = entries.findLast((e) => e.body.which === plate.which);
    const outdoors = plate.which === 'outdoor';
    return {
      plate: entry ? { ...plate, mcaA: entry.body.mcaA ?? plate.mcaA, mocpA: entry.body.mocpA ?? plate.mocpA } : plate,
      entry,
      known: {
        ocpdA: outdoors ? (numberOf(known, 'breakerA') ?? null) : null,
        disconnectA: outdoors ? (numberOf(known, 'disconnectA') ?? null) : null,
      },
      findings: [...judged(plate, entry), ...checked(plate, entry)],
    };
  });
}

/** Once somebody wrote the circuit, its plate is held against its motors. */
function checked(plate: CircuitPlate, entry: EntryOf<'power-circuit'> | undefined): Finding[] {
  if (!entry) return [];
  const f = plateCheck({ ...plate, mcaA: entry.body.mcaA ?? plate.mcaA });
  return f ? [f] : [];
}

function judged(plate: CircuitPlate, entry: EntryOf<'power-circuit'> | undefined): Finding[] {
  const prefix = `${WIRE_FINDING}${plate.which}:`;
  if (!entry)
    return [
      {
        id: `${prefix}circuit`,
        verdict: 'not-proven',
        claim: tell('wire.circuit-is-not-read', { which: SAID[plate.which] }),
        because: tell('wire.newer-unit-often-wants-a-smaller-breaker'),
        source: tell('wire.the-plate'),
        next: advise(tell('wire.read-breaker-wire-ground-disconnect', { which: SAID[plate.which] })),
      },
    ];
  const b = entry.body;
  return judgeCircuit({
    ...plate,
    // What was read off the plate that hangs there wins over the library's.
    mcaA: b.mcaA ?? plate.mcaA,
    mocpA: b.mocpA ?? plate.mocpA,
    ocpd: b.ocpd,
    ocpdA: b.ocpdA,
    fusesOnly: b.fusesOnly,
    awg: b.awg === null ? null : (Number(b.awg) as Awg),
    laid: {
      insulationC: Number(b.insulationC) as 60 | 75 | 90,
      terminationC: Number(b.terminationC) as 60 | 75,
      ambientF: b.ambientF,
      currentCarrying: b.currentCarrying,
      cable: b.cable,
    },
    lengthFt: b.lengthFt,
    groundAwg: b.groundAwg === null ? null : Number(b.groundAwg),
    disconnectA: b.disconnectA,
    supplyV: [b.supplyV, b.supply2V, b.supply3V].filter((v) => v !== null).slice(0, plate.phases === 3 ? 3 : 1),
  }).map(
    (f): Finding => ({
      ...f,
      id: `${prefix}${f.id}`,
      claim: tell('wire.of-circuit', { which: SAID[plate.which], claim: f.claim }),
      subject: entry.id,
    }),
  );
}

const SAID: Readonly<Record<CircuitSource, Said>> = {
  outdoor: tell('wire.source-outdoor'),
  indoor: tell('wire.source-indoor'),
  'heat-1': tell('wire.source-heat-1'),
  'heat-2': tell('wire.source-heat-2'),
};

/** What a plate asks, in one line. */
export const plateAsks = ({ mcaA, mocpA, volts, phases }: CircuitPlate): Said =>
  tell('wire.plate-asks', { mcaA: q(mcaA, 'A', 'as is'), mocpA: q(mocpA, 'A', 'as is'), volts, phases });
