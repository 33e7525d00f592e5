import { isEquipped, isHandedOver, type JobSheet } from '@/core/job/sheet';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { openItems } from '@/core/phases/hand-over/open-items';
import { handedOverAt } from '@/core/phases/hand-over/visits';
import { endsOn } from '@/core/phases/hand-over/warranty-entries';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { scopeOf } from '@/core/phases/scope/view';
import { beganWithSurvey } from '@/core/phases/survey/view';
import { tell } from '@/core/phases/words';
import { knownFacts } from '@/core/scope/survey/survey';
import { dayAt } from '@/core/words/calendar';
import { day, type Label, list, q, type Said, value } from '@/core/words/said';

/** What is remembered of one circuit of a job: what stands there now, how it was charged, what leaked, what stayed, what was promised. */
export type Remembered = {
  circuitId: string;
  systemId: string;
  /** The day of the hand-over; null while it is not. */
  doneOn: string | null;
  /** It says what stands there now: put in by this job, or found by its survey. */
  stands: boolean;
  refrigerant: string | null;
  tons: number | null;
  unit: string | null;
  serial: string | null;
  /** The year of the unit that stands there: of the hand-over, or as the survey found it. */
  year: number | null;
  /** Put in over what came in the unit, oz; null where nothing was weighed. */
  overPlateOz: number | null;
  lineKept: boolean | null;
  /** Hours that were worked on the whole job, as its pieces were timed; null where none was. */
  workedH: number | null;
  said: Said[];
};

/** What a survey finds of the unit that stands there. */
const OLD = ['oldYear', 'oldTons', 'oldRefrigerant', 'outdoorModel'] as const;

/**
 * What the company remembers of a circuit when it comes back to the house, or plans one like it.
 * A unit that was not put in yet is told as the survey found the old one.
 */
export function rememberedOf(sheet: JobSheet): Remembered {
  const done = isHandedOver(sheet) ? handedOverAt(sheet) : undefined;
  const doneOn = done ? dayAt(done, sheet.site.timeZone) : null;
  const facts = beganWithSurvey(sheet) ? knownFacts(sheet.survey.observations) : {};
  const { plate } = sheet.circuit;
  const now = doneOn !== null && plate ? plate : undefined;
  const text = (of: unknown): string | null => (typeof of === 'string' && of !== '' ? of : null);
  const figure = (of: unknown): number | null => (typeof of === 'number' ? of : null);
  const run = latestOf(sheet.circuitLog, 'line-run')?.body;
  return {
    circuitId: sheet.circuit.id,
    systemId: sheet.system.id,
    doneOn,
    stands: doneOn !== null || OLD.some((f) => facts[f] !== undefined),
    refrigerant: now?.refrigerant ?? text(facts.oldRefrigerant) ?? plate?.refrigerant ?? null,
    tons: now?.nominalTons ?? figure(facts.oldTons) ?? plate?.nominalTons ?? null,
    unit: now
      ? `${now.maker} ${now.model}`
      : (text(facts.outdoorModel) ?? (plate ? `${plate.maker} ${plate.model}` : null)),
    serial: now ? (now.serial ?? null) : text(facts.outdoorSerial),
    year: doneOn !== null ? Number(doneOn.slice(0, 4)) : figure(facts.oldYear),
    overPlateOz: overPlateOz(sheet),
    lineKept: run ? run.kept : null,
    workedH: workedH(sheet),
    said: [...charged(sheet), ...leaked(sheet), ...kept(sheet), ...promised(sheet)],
  };
}

function weighedOz({ measurements }: JobSheet): number | null {
  const weighed = measurements.filter(
    (m) => m.quantity === 'chargeMovementOz' && (m.phase === 'charge' || m.phase === 'start-up'),
  );
  return weighed.length ? weighed.reduce((sum, m) => sum + m.value, 0) : null;
}

function overPlateOz(sheet: JobSheet): number | null {
  const oz = weighedOz(sheet);
  return oz === null ? null : Math.round(oz * 10) / 10;
}

function workedH({ jobLog }: JobSheet): number | null {
  const worked = entriesOf(jobLog, 'plan-work').flatMap((e) => e.body.workedH ?? []);
  return worked.length ? Math.round(worked.reduce((a, b) => a + b, 0) * 10) / 10 : null;
}

function charged(sheet: JobSheet): Said[] {
  const oz = weighedOz(sheet);
  const build = isEquipped(sheet) ? buildUpOf(sheet) : undefined;
  if (oz === null || !build?.ok) return [];
  return [
    tell('memory.charged', {
      total: q(build.value.alreadyInUnitOz + oz, 'lbOz'),
      over: q(oz, 'oz', 'as is'),
    }),
  ];
}

/** What leaked: a joint that bubbled, a hold that fell, as it was written down. */
function leaked({ circuitLog }: JobSheet): Said[] {
  const bubbled = entriesOf(circuitLog, 'bubble').filter((e) => e.body.result === 'bubbles');
  return bubbled.length ? [tell('memory.leaked', { n: bubbled.length, day: day(bubbled.at(-1)!.at) })] : [];
}

/** Parts that the customer kept against their risk. */
function kept(sheet: JobSheet): Said[] {
  if (!beganWithSurvey(sheet)) return [];
  const parts = scopeOf(sheet).disclosures.map((d): Label => d.part);
  return parts.length ? [tell('memory.kept', { parts: list(parts) })] : [];
}

/** What was promised: warranties with their end, what is still open. */
function promised({ jobLog }: JobSheet): Said[] {
  return [
    ...entriesOf(jobLog, 'warranty-term').map(({ body }) =>
      tell('memory.warranty', { covers: value(body.covers), day: day(endsOn(body)) }),
    ),
    ...openItems(jobLog)
      .filter((i) => !i.closed)
      .map((i) => tell('memory.open', { what: i.what, day: day(i.due) })),
  ];
}

/** The spread of a few figures; undefined where there is none. */
export const spreadOf = (figures: readonly (number | null)[]): [low: number, high: number] | undefined => {
  const known = figures.filter((f) => f !== null);
  return known.length ? [Math.min(...known), Math.max(...known)] : undefined;
};

export type Similar = { jobId: string; number: number; workedH: number | null; overPlateOz: number | null };

/** "Four like this: 5.1 to 6.3 h, 6 to 9 oz over plate"; undefined where there was none like it. */
export function similarWords(similar: readonly Similar[]): Said | undefined {
  if (similar.length === 0) return undefined;
  const hours = spreadOf(similar.map((s) => s.workedH));
  const oz = spreadOf(similar.map((s) => s.overPlateOz));
  const said: Said[] = [
    ...(hours ? [tell('memory.hours', { it: between(hours, 'h', 1) })] : []),
    ...(oz ? [tell('memory.over-plate', { it: between(oz, 'oz', 0) })] : []),
  ];
  return tell('memory.like-this', { n: similar.length, said: said.length ? list(said) : tell('memory.nothing-timed') });
}

/** From the one to the other; one figure where they read the same. */
function between([low, high]: [number, number], unit: 'h' | 'oz', decimals: number) {
  return low.toFixed(decimals) === high.toFixed(decimals)
    ? q(high, unit, decimals)
    : tell('memory.from-to', { low: q(low, 'number', decimals), high: q(high, unit, decimals) });
}
