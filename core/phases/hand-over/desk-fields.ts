import type { ReportTable } from '@/core/job/report-parts';
import type { SheetSignOff } from '@/core/job/sheet';
import { type CircuitEntry, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { FurnaceSnapshot, Snapshot } from '@/core/phases/snapshot';
import type { FigureId } from '@/core/startup/figure';
import { day, type Label, list, measured, q, type Said, value } from '@/core/words/said';
import { isProofField, PROOF_FIELDS } from './desk-furnace';
import { tell } from './words';

/** The record of a job, or of a furnace that was installed alone: no refrigerant in it. */
type Source = {
  snapshot: Snapshot | FurnaceSnapshot;
  signOffs: readonly SheetSignOff[];
  jobLog: readonly CircuitEntry[];
};
type Field = { label: Said; of: (from: Source) => Label | undefined };
/** What only a refrigerant circuit has. */
type CircuitField = { label: Said; ofCircuit: (from: Source & { snapshot: Snapshot }) => Label | undefined };

const cooled = (from: Source): from is Source & { snapshot: Snapshot } => 'circuit' in from.snapshot;

/** A figure of the start-up as it was read; one without a value says nothing. */
const figure =
  (id: FigureId): CircuitField['ofCircuit'] =>
  ({ snapshot: { startUp } }) => {
    const f = startUp?.figures.byId[id];
    return f?.value === undefined ? undefined : plain(measured(f.value, f.unit));
  };
const plain = (it: ReturnType<typeof q>): Said => tell('five.plain', { it });
const serials = (...pieces: string[]) => {
  const of = ({ jobLog }: Source, what: 'model' | 'serial'): Label | undefined => {
    const said = entriesOf(jobLog, 'serial').flatMap(({ body }) =>
      pieces.includes(body.piece) && body[what] ? [body[what]] : [],
    );
    return said.length ? tell('desk.list', { it: list(said) }) : undefined;
  };
  return of;
};
const indoor = serials('air handler', 'cased coil', 'packaged unit');
const furnace = serials('furnace');
const back = ({ jobLog }: Source) => latestOf(jobLog, 'part-return')?.body;

/** What a maker's warranty desk may ask for, by the name it has in the company's template. */
export const DESK_FIELDS = {
  job: { label: tell('job.job'), of: ({ snapshot }) => String(snapshot.job.number) },
  customer: { label: tell('job.customer'), of: ({ snapshot }) => snapshot.customer.name },
  site: { label: tell('job.site'), of: ({ snapshot: { site } }) => `${site.address}, ${site.town}` },
  installed: {
    label: tell('desk.installed'),
    of: ({ snapshot }) => tell('desk.day', { day: day(snapshot.job.scheduledFor) }),
  },
  outdoorModel: {
    label: tell('desk.outdoor-model'),
    ofCircuit: ({ snapshot: { circuit } }) => `${circuit.plate.maker} ${circuit.plate.model}`,
  },
  outdoorSerial: {
    label: tell('desk.outdoor-serial'),
    ofCircuit: (from) => from.snapshot.circuit.plate.serial || serials('outdoor unit')(from, 'serial'),
  },
  indoorModel: {
    label: tell('desk.indoor-model'),
    of: (from) => {
      const unit = from.snapshot.before?.indoor;
      return unit ? `${unit.maker} ${unit.model}` : indoor(from, 'model');
    },
  },
  indoorSerial: { label: tell('desk.indoor-serial'), of: (from) => indoor(from, 'serial') },
  furnaceModel: {
    label: tell('desk.furnace-model'),
    of: (from) => {
      const unit = from.snapshot.before?.furnace;
      return unit ? `${unit.maker} ${unit.model}` : furnace(from, 'model');
    },
  },
  furnaceSerial: { label: tell('desk.furnace-serial'), of: (from) => furnace(from, 'serial') },
  refrigerant: { label: tell('job.refrigerant'), ofCircuit: ({ snapshot }) => snapshot.circuit.plate.refrigerant },
  charge: {
    label: tell('desk.charge'),
    ofCircuit: ({ snapshot: { charge, movements } }) => {
      const weighed = movements.filter((m) => m.phase === 'charge' || m.phase === 'start-up');
      if (!charge || weighed.length === 0) return undefined;
      const addedOz = weighed.reduce((sum, m) => sum + m.value, 0);
      return tell('desk.charge-line', {
        factory: q(charge.build.alreadyInUnitOz, 'lbOz'),
        added: q(addedOz, 'lbOz'),
        total: q(charge.build.alreadyInUnitOz + addedOz, 'lbOz'),
      });
    },
  },
  nitrogen: {
    label: tell('desk.nitrogen'),
    ofCircuit: ({ snapshot: { circuitRecord } }) => {
      const flows = entriesOf(circuitRecord?.log ?? [], 'joint').flatMap(({ body }) => body.nitrogenScfh ?? []);
      return flows.length
        ? tell('desk.nitrogen-line', { n: flows.length, least: q(Math.min(...flows), 'ft3PerH', 'as is') })
        : undefined;
    },
  },
  hold: {
    label: tell('desk.hold'),
    ofCircuit: ({ snapshot: { circuitRecord } }) => {
      const hold = circuitRecord?.pressure?.holds.at(-1);
      return circuitRecord?.pressure?.stage === 'passed' && hold?.minutes !== undefined
        ? tell('five.tight', { psig: q(hold.start.body.psig, 'psig', 0), min: q(hold.minutes, 'min', 0) })
        : undefined;
    },
  },
  vacuum: {
    label: tell('job.standing-vacuum'),
    ofCircuit: ({ snapshot: { circuitRecord } }) => {
      const standing = circuitRecord?.evacuation.standing;
      return standing && standing.result.classification === 'tight'
        ? plain(q(standing.result.endMicrons, 'microns'))
        : undefined;
    },
  },
  subcooling: { label: tell('desk.subcooling'), ofCircuit: figure('subcooling') },
  superheat: { label: tell('desk.superheat'), ofCircuit: figure('superheat') },
  airflow: {
    label: tell('desk.airflow'),
    ofCircuit: ({ snapshot: { startUp } }) => (startUp?.airflow ? plain(q(startUp.airflow.cfm, 'cfm')) : undefined),
  },
  lead: {
    label: tell('desk.lead'),
    of: ({ signOffs, snapshot }) => {
      const signed = signOffs.findLast((s) => s.phase === 'start-up' || s.phase === 'charge');
      return signed
        ? tell('label.by-with-certificate', { by: signed.by, certificate: signed.certificate ?? '–' })
        : snapshot.job.lead;
    },
  },
  registered: {
    label: tell('warranty.registered'),
    of: ({ jobLog }) => {
      const last = latestOf(jobLog, 'registered')?.body;
      return last ? tell('desk.registered-line', { day: day(last.on), number: last.number || '–' }) : undefined;
    },
  },
  failedPart: { label: tell('desk.failed-part'), of: (from) => back(from)?.part },
  failedWhy: {
    label: tell('desk.failed-why'),
    of: (from) => {
      const part = back(from);
      return part ? value(part.reason) : undefined;
    },
  },
  claim: { label: tell('desk.claim'), of: (from) => back(from)?.claim || undefined },
  ...PROOF_FIELDS,
} as const satisfies Record<string, Field | CircuitField>;
export type DeskField = keyof typeof DESK_FIELDS;
export const DESK_FIELD_IDS = Object.keys(DESK_FIELDS) as DeskField[];

/** What most desks ask for; a company takes out and adds (design default). */
const USUAL: readonly DeskField[] = DESK_FIELD_IDS.filter(
  (f) => !['failedPart', 'failedWhy', 'claim', 'job'].includes(f),
);

/** What a company asks to stand on its sheet for the warranty desk: fields in their order, then lines of its own. */
export type DeskTemplate = { fields: readonly DeskField[]; own: readonly (readonly [label: string, says: string])[] };

const isField = (name: string): name is DeskField => name in DESK_FIELDS;

/**
 * The template as it is stored: names of fields with spaces between, and lines `name: what it says`.
 * Nothing stored is what most desks ask for. A name that is no field any more is left out.
 */
export function deskTemplate(fields: string | undefined, own: string | undefined): DeskTemplate {
  const named = (fields ?? '').split(' ').filter(isField);
  return {
    fields: named.length ? named : USUAL,
    own: (own ?? '').split('\n').flatMap((line): [string, string][] => {
      const at = line.indexOf(':');
      return at > 0 ? [[line.slice(0, at).trim(), line.slice(at + 1).trim()]] : [];
    }),
  };
}

/** A furnace alone has no refrigerant to ask for, and a job that burns nothing no flame: neither is `not written down`. */
function applies(name: DeskField, from: Source): boolean {
  if (!cooled(from)) return !('ofCircuit' in DESK_FIELDS[name]);
  return from.snapshot.furnace !== null || !isProofField(name);
}

function answerOf(name: DeskField, from: Source): Label | undefined {
  const field: Field | CircuitField = DESK_FIELDS[name];
  if (!('ofCircuit' in field)) return field.of(from);
  return cooled(from) ? field.ofCircuit(from) : undefined;
}

/** The sheet for the warranty desk: what nobody wrote down says so. */
export function deskTable(template: DeskTemplate, from: Source): ReportTable {
  return {
    title: tell('desk.fields'),
    columns: [tell('desk.field'), tell('job.value')],
    rows: [
      ...template.fields
        .filter((name) => applies(name, from))
        .map((name) => [DESK_FIELDS[name].label, answerOf(name, from) ?? tell('desk.not-known')]),
      ...template.own.map(([label, says]) => [label, says || tell('desk.not-known')]),
    ],
  };
}
