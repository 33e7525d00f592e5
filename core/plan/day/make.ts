import type { DayActivity, HotPlace } from './activity';
import { NO_TIME, STEP_NAMES, type Step, type StepName, stepOf, type Traits } from './steps';

/** One system of the house as the day needs it: what is done to it, and where. */
export type DaySystem = {
  id: string;
  name: string;
  traits: Traits;
  circuits: readonly { id: string; name: string }[];
  /** What of the scope is in, with the hours the company sells. */
  items: readonly { id: string; hours: number }[];
  /** Where the sun makes work slow, inside and outside. */
  hotInside: HotPlace | undefined;
  hotOutside: HotPlace | undefined;
};

/** A piece of the day with what it is of. */
export type PlanPiece = DayActivity & {
  step: StepName;
  systemId: string | undefined;
  circuitId: string | undefined;
  /** Its name among several: the circuit, the system; none where there is one. */
  of: string | undefined;
  /** Hours by the price list or the defaults, before the company's own jobs. */
  defaultHours: number;
};

/** Hours that a step takes at least where its only work is of the scope (design default). */
const LEAST_H = 0.25;

/**
 * The work of a job's day: the steps that every changeout of this kind has, with the hours of what its scope says, each after what
 * it needs. Made, not typed.
 *
 * @param systems of the job, in their order
 * @returns pieces whose `after` are all among them; hours before the company's own jobs are looked at
 */
export function dayWork(systems: readonly DaySystem[]): PlanPiece[] {
  const named = namesOf(systems);
  const all = STEP_NAMES.flatMap((step) => piecesOf(step, systems, named));
  const made = all.filter((p) => hasNeeded(p, all));
  const idsOf = new Map<StepName, PlanPiece[]>(STEP_NAMES.map((s) => [s, made.filter((p) => p.step === s)]));
  return made.map((p) => ({ ...p, after: [...new Set(afterOf(p, p.step, idsOf))] }));
}

function piecesOf(name: StepName, systems: readonly DaySystem[], named: Names): PlanPiece[] {
  const step = stepOf(name);
  const wanted = systems.filter((s) => step.when?.(s.traits) ?? true);
  if (step.of === 'job') return wanted.length ? [piece(name, step, step.hours, {})] : [];
  return wanted.flatMap((system) => {
    const hours = hoursOf(name, step, system);
    if (hours === 0) return [];
    const hot = hotOf(step, system);
    if (step.of === 'system') return [piece(name, step, hours, { systemId: system.id, of: named.system(system), hot })];
    return system.circuits.map((c) =>
      piece(name, step, hours / system.circuits.length + ownShare(step, system), {
        systemId: system.id,
        circuitId: c.id,
        of: named.circuit(system, c),
        hot,
      }),
    );
  });
}

/** A second circuit takes its own time for what is of the circuit; what the scope adds is shared by them. */
const ownShare = (step: Step, { circuits }: DaySystem): number =>
  step.hours - step.hours / Math.max(1, circuits.length);

function piece(
  step: StepName,
  s: Step,
  hours: number,
  of: { systemId?: string; circuitId?: string; of?: string | undefined; hot?: HotPlace | undefined },
): PlanPiece {
  return {
    id: [step, of.circuitId ?? of.systemId].filter(Boolean).join('.'),
    step,
    systemId: of.systemId,
    circuitId: of.circuitId,
    of: of.of,
    defaultHours: hours,
    hours,
    after: [],
    people: s.people,
    gear: s.gear,
    ...(s.certified ? { certified: true } : {}),
    prefers: s.prefers,
    hot: of.hot,
  };
}

/** Hours of each who does it: the scope's where it has some of this step, shared by its people; else the default. */
function hoursOf(name: StepName, step: Step, system: DaySystem): number {
  const own =
    name === 'other'
      ? system.items.filter((i) => isOther(i.id))
      : system.items.filter((i) => step.items?.includes(i.id));
  const sold = own.reduce((sum, i) => sum + i.hours, 0) / Math.max(1, step.people);
  if (sold === 0) return step.hours;
  const base = own.some((i) => BASE.has(i.id)) ? 0 : step.hours;
  return Math.max(LEAST_H, base + sold);
}

/** Items that are the step itself: their hours take the place of its default. */
const BASE: ReadonlySet<string> = new Set([
  'remove-old',
  'set-outdoor',
  'set-air-handler',
  'set-coil',
  'set-furnace',
  'set-package',
]);

const KNOWN: ReadonlySet<string> = new Set([...STEP_NAMES.flatMap((s) => stepOf(s).items ?? []), ...NO_TIME]);
/** Work that belongs to no step: written by hand, or against what ended the old unit. */
const isOther = (item: string): boolean => !KNOWN.has(item);

function hotOf({ heats }: Step, { hotInside, hotOutside }: DaySystem): HotPlace | undefined {
  const inside = heats === 'inside' || heats === 'both' ? hotInside : undefined;
  return inside ?? (heats === 'outside' || heats === 'both' ? hotOutside : undefined);
}

/** What a piece waits for: pieces of the steps before it that are its own; a step that this job has not hands on what it waited for. */
function afterOf(p: PlanPiece, step: StepName, idsOf: ReadonlyMap<StepName, PlanPiece[]>): string[] {
  return stepOf(step).after.flatMap((before) => {
    const own = idsOf.get(before as StepName)!.filter((x) => belongs(x, p));
    return own.length ? own.map((x) => x.id) : afterOf(p, before as StepName, idsOf);
  });
}

/** What only follows another step is there where that is. */
function hasNeeded(p: PlanPiece, all: readonly PlanPiece[]): boolean {
  const { needs } = stepOf(p.step);
  return needs === undefined || all.some((x) => x.step === needs && belongs(x, p));
}

/** Of the same circuit, of the same system where one of both is not of a circuit, of the job where one is. */
const belongs = (x: PlanPiece, p: PlanPiece): boolean =>
  (x.systemId === undefined || p.systemId === undefined || x.systemId === p.systemId) &&
  (x.circuitId === undefined || p.circuitId === undefined || x.circuitId === p.circuitId);

type Names = ReturnType<typeof namesOf>;
/** What systems and circuits are called where there are several. */
function namesOf(systems: readonly DaySystem[]) {
  const many = systems.length > 1;
  return {
    system: (s: DaySystem): string | undefined => (many ? s.name : undefined),
    circuit: (s: DaySystem, c: { name: string }): string | undefined =>
      s.circuits.length > 1 ? (many ? `${s.name}, ${c.name}` : c.name) : many ? s.name : undefined,
  };
}
