import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { TransitionRule } from '@/core/circuit/transition-rules';
import type { LibraryItem } from '@/core/equipment/library-item';
import type { ModelPattern } from '@/core/equipment/model-pattern';
import type { Plate } from '@/core/equipment/plate';
import type { RunMode } from '@/core/finding/run-mode';
import type { FitSheets } from '@/core/fit/sheets';
import type { FurnaceProof } from '@/core/furnace/furnace-proof';
import type { Acceptance } from '@/core/job/acceptance';
import type { Certification, Override } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import type { Choice } from '@/core/scope/choice';
import type { Decision, ScopeItem } from '@/core/scope/item';
import type { OwnLine } from '@/core/scope/own-line';
import type { ScopeSchools } from '@/core/scope/schools';
import type { PhotoMeta, Waiver } from '@/core/scope/survey/before-dismantling';
import type { Observation } from '@/core/scope/survey/survey';
import type { ReadingSource } from '@/core/startup/quantities';
import type { Confirmations, StartUpSchools } from '@/core/startup/system';
import type { Language } from '@/core/words/render';
import type { Said } from '@/core/words/said';

/** A stored measurement as the job sheet reads it. */
export type SheetMeasurement = {
  id: string;
  circuitId: string;
  setId: string;
  phase: string;
  stage: string;
  quantity: string;
  /** What the system was called to do when it was read. */
  mode: RunMode;
  value: number;
  uncertainty: number;
  source: ReadingSource;
  instrument: string;
  location: string;
  person: string;
  runId: string | null;
  runSeconds: number | null;
  detail: Record<string, unknown> | null;
  supersedesId: string | null;
  occurredAt: string;
};

export type SheetRun = {
  id: string;
  circuitId: string;
  phase: string;
  source: ReadingSource;
  speed: number;
  state: 'running' | 'stopped' | 'interrupted';
  startedAt: string;
};

export type SheetSignOff = {
  id: string;
  /** The job, the system or the circuit that is signed for, by the phase. */
  ownerId: string;
  phase: Phase;
  by: string;
  certificate: string | null;
  at: string;
  /** When one that was given on a device without a connection reached the server; none where it was given to it. */
  arrivedAt?: string;
  /** Of what was frozen; nothing while it is on the device alone. */
  contentHash: string;
};

/** Signed on this device, and not on the server yet. */
export const isOnDevice = (signOff: SheetSignOff): boolean => signOff.contentHash === '';

export type StartUpRecord = { confirmations: Partial<Record<keyof Confirmations, { by: string; at: string }>> };

/** What a signature under a scope freezes besides its words and items. */
export type SignedTerms = {
  currency: string;
  hours: number;
  price: number;
  schools: ScopeSchools;
  /** Asked for in all, where the equipment had its prices; older answers have none. */
  offer?: { equipment: number; tax: number; total: number; deposit: number; rest: number };
};

/** What a customer said yes or no to, in these words, with a hand-drawn signature. */
export type CustomerSignature = {
  id: string;
  /** scope, change, or disclosure:<part>. */
  subject: string;
  answer: 'yes' | 'no';
  reason: string | null;
  text: string;
  /** What was signed by id and parameters; null where only the words were kept. */
  said: Said | null;
  customer: string;
  /** The pen's path on a 400 by 140 field; null for an answer given aloud. */
  ink: string | null;
  /** The items as they stood at this answer, for scope and change. */
  items: ScopeItem[] | null;
  /** Prices, hours and policy as they stood at this answer; null for disclosures and older answers. */
  terms: SignedTerms | null;
  witness: string;
  at: string;
};

export type SurveyRecord = {
  observations: Observation[];
  waivers: Waiver[];
  photos: PhotoMeta[];
  /** The company's table of model numbers, by which an old size is read. */
  patterns?: readonly ModelPattern[] | undefined;
};
export type ScopeRecord = {
  choice: Choice;
  version: number;
  decisions: Decision[];
  /** Work written in by hand. */
  lines: OwnLine[];
  signatures: CustomerSignature[];
  outdoor: LibraryItem | null;
  indoor: LibraryItem | null;
  furnace: LibraryItem | null;
  heaterKit: LibraryItem | null;
  thermostat: LibraryItem | null;
  /** Null while one of the two is not chosen. */
  pairListed: boolean | null;
  /** Equipment that kept options name beside it, and what of it is listed together; asked since later. */
  pieces?: LibraryItem[];
  pairs?: { outdoorModel: string; indoorModel: string }[];
};

export type VacuumRecord = {
  endMicrons: number;
  heldMin: number;
  by: string;
  at: string;
  /** Why nothing of the circuit before it was written down; a lead gives it. */
  reason?: string;
};

/** One circuit of a job as the others see it. */
export type CircuitStanding = {
  id: string;
  name: string;
  systemId: string;
  systemName: string;
  /** Its equipment is entered. */
  equipped: boolean;
  /** The work opens it: not with a furnace alone. */
  cooled: boolean;
  /** What is typed of what newly burns fuel on it, where anything does. */
  furnace: 'none' | 'owed' | 'read';
  /** Phases signed for it. */
  signed: Phase[];
};

/** Everything that one job's screens and judgements need, except the samples of its runs. */
export type JobSheet = {
  job: {
    id: string;
    number: number;
    mode: RunMode;
    scheduledFor: string;
    leadId: string;
    lead: string;
    version: number;
  };
  customer: { id: string; name: string; phone: string | null; language: Language };
  site: {
    id: string;
    address: string;
    town: string;
    elevationFt: number;
    barometerPsia: number;
    /** The clock of the place: days and times are told by it. */
    timeZone: string;
  };
  system: { id: string; name: string; kind: string };
  equipmentId: string;
  circuit: {
    id: string;
    name: string;
    version: number;
    /** Null until the new equipment is entered or follows from the signed scope. */
    plate: Plate | null;
  };
  /** It does not go ahead: who said so, when and why. Nothing more is written until it is opened again. */
  cancelled: { by: string; at: string; reason: string } | null;
  /** All circuits this job works on, in their order; the one above is the one whose log, plate and signatures stand here. */
  circuits: CircuitStanding[];
  survey: SurveyRecord;
  scope: ScopeRecord;
  fits: FitSheets;
  /** The release to take the system's old equipment out. */
  removal: { by: string; at: string } | null;
  scopeSchools: ScopeSchools;
  circuitSchools: CircuitSchools;
  /** Rules of the refrigerant transition as the company keeps them. */
  transition: readonly TransitionRule[];
  /** What the crew wrote down of the refrigerant circuit, oldest first. */
  circuitLog: CircuitEntry[];
  /** What is written down of its system: how it was set. */
  systemLog: CircuitEntry[];
  /** What is written down of the whole job: permits, inspections. */
  jobLog: CircuitEntry[];
  /** The cylinders this job used, as the ledger has them now. */
  cylinders: Cylinder[];
  vacuum: (VacuumRecord & { version: number }) | null;
  startUp: StartUpRecord;
  /** What the lead and the customer let stand at this circuit's start-up. */
  acceptances: Acceptance[];
  /** The typed proof of the furnace, or of whatever else newly burns fuel. */
  furnace: (FurnaceProof & { by: string; at: string; version: number }) | null;
  measurements: SheetMeasurement[];
  overrides: (Override & { id: string; ownerId: string; phase: Phase })[];
  signOffs: SheetSignOff[];
  runs: SheetRun[];
  schools: StartUpSchools;
  certification: Certification;
};

/** The parts of a sheet that a function takes: what it does not name it cannot read. */
export type SheetWith<K extends keyof JobSheet> = Pick<JobSheet, K>;

/** A sheet whose new equipment is known: what charge and start-up work on. */
export type EquippedSheet = JobSheet & { circuit: { plate: Plate } };
export type EquippedWith<K extends keyof JobSheet> = Pick<EquippedSheet, K>;
export const isEquipped = <S extends SheetWith<'circuit'>>(sheet: S): sheet is S & EquippedWith<'circuit'> =>
  sheet.circuit.plate !== null;

/** Handed over: the sheet is closed, and only an amendment adds to it. */
export const isHandedOver = (sheet: Pick<JobSheet, 'signOffs'>): boolean =>
  sheet.signOffs.some((s) => s.phase === 'hand-over');

export const isSigned = (sheet: Pick<JobSheet, 'signOffs'>, phase: Phase): boolean =>
  sheet.signOffs.some((s) => s.phase === phase);

/** A circuit is proven by its signed start-up, what burns fuel by its typed proof. */
export const isProven = (c: CircuitStanding): boolean =>
  (!c.cooled || c.signed.includes('start-up')) && c.furnace !== 'owed';

/** The circuits of the job that belong to the same system. */
export const siblings = (sheet: SheetWith<'circuit' | 'circuits' | 'system'>): CircuitStanding[] =>
  otherCircuits(sheet).filter((c) => c.systemId === sheet.system.id);

/** The circuits of the job besides the one that is looked at. */
export const otherCircuits = (sheet: SheetWith<'circuit' | 'circuits'>): CircuitStanding[] =>
  sheet.circuits.filter((c) => c.id !== sheet.circuit.id);

/** What a phase's owner is called on this sheet, where the job has several of them. */
export function ownerName(
  sheet: SheetWith<'circuit' | 'circuits' | 'system'>,
  owner: 'job' | 'system' | 'circuit' | undefined,
): string | undefined {
  const here = sheet.circuits.find((c) => c.id === sheet.circuit.id);
  if (owner === 'circuit' && here && sheet.circuits.length > 1) return circuitName(sheet, here);
  const several = sheet.circuits.some((c) => c.systemId !== sheet.system.id);
  return owner === 'system' && several ? sheet.system.name : undefined;
}

/** What a circuit is called where there are several: with its system's name where the job works on more than one system. */
export function circuitName(
  sheet: SheetWith<'circuits'>,
  { name, systemName }: Pick<CircuitStanding, 'name' | 'systemName'>,
): string {
  const ofSystem = sheet.circuits.filter((c) => c.systemName === systemName).length;
  if (ofSystem === sheet.circuits.length) return name;
  return ofSystem > 1 ? `${systemName}, ${name}` : systemName;
}
