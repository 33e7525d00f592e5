import { acceptedVolts } from '@/core/equipment/plate-volts';
import type { Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { type CircuitEntry, entriesOf, latestOf, rootOf } from '@/core/phases/log/circuit-log';
import {
  type DeadReading,
  ISOLATION_STEPS,
  type Isolation,
  type IsolationStep,
  judgeIsolation,
} from '@/core/power/isolation';
import { is } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { SOURCE_WORDS, type WireSource } from './names';
import { circuitPlates } from './power';
import type { WireSheet } from './wiring';
import { tell } from './words';

/** Sources that are single-phase 120 V or less of their own: what counts as live on them is told by the worker. */
const LOW_SOURCES: readonly WireSource[] = ['second-transformer'];
const LOW_NOMINAL_V = 24;
const HOUSE_V = 120;

export type SourceView = {
  which: WireSource;
  isolation: Isolation;
  finding: Finding;
  /** The step that is done next; undefined where all are. */
  step: IsolationStep | undefined;
};

/** What can make this system live, as the plates and the survey know it; the crew adds what they do not. */
export function sourcesFor(sheet: WireSheet): WireSource[] {
  const known = knownFacts(sheet.survey.observations);
  const plates: WireSource[] = circuitPlates(sheet).map((c) => c.which);
  const second: WireSource[] = is(known, 'twoFeeds', true) && !plates.some((p) => p !== 'outdoor') ? ['indoor'] : [];
  const found = [...new Set<WireSource>([...plates, ...second])];
  // Whatever is wired hangs on something: where no plate is new it is what stands indoors.
  return found.length ? found : ['indoor'];
}

/** Each source that was listed, with its steps in their order and what the meter showed. */
export function safeView(sheet: WireSheet): SourceView[] {
  const listed = latestOf(sheet.systemLog, 'sources');
  const steps = entriesOf(sheet.systemLog, 'isolation-step');
  const readings = entriesOf(sheet.systemLog, 'dead-reading');
  const plates = circuitPlates(sheet);
  return (listed?.body.list ?? sourcesFor(sheet)).map((which) => {
    const plate = plates.find((p) => p.which === which);
    const mine = steps.filter((s) => s.body.which === which);
    const last = (step: IsolationStep) => mine.findLast((s) => s.body.step === step);
    const dead = readings.filter((r) => r.body.which === which);
    const newest = new Map(dead.map((r) => [`${r.body.side} ${r.body.pair}`, r.body as DeadReading]));
    const done: Partial<Record<IsolationStep, string>> = {};
    // A source that is added later does not undo what was made safe before: each came after the first list.
    if (listed) done.listed = firstOf(sheet.systemLog, listed).at;
    for (const step of ISOLATION_STEPS) {
      const at = last(step)?.at;
      if (at) done[step] = at;
    }
    // The last of the readings is when it was found dead.
    const readAt = dead.at(-1)?.at;
    if (readAt) done.dead = readAt;
    const isolation: Isolation = {
      phases: plate?.phases ?? 1,
      nominalV: LOW_SOURCES.includes(which)
        ? LOW_NOMINAL_V
        : plate
          ? Math.min(HOUSE_V, acceptedVolts(plate.volts).low)
          : HOUSE_V,
      done,
      liveBeforeV: last('live before')?.body.volts ?? null,
      liveAfterV: last('live after')?.body.volts ?? null,
      readings: [...newest.values()],
    };
    const judged = judgeIsolation(isolation);
    return {
      which,
      isolation,
      finding: {
        ...judged,
        id: `${WIRE_FINDING}isolation:${which}`,
        claim: tell('wire.of-circuit', { which: SOURCE_WORDS[which], claim: judged.claim }),
      },
      step: ISOLATION_STEPS.find((s) => done[s] === undefined),
    };
  });
}

const firstOf = (log: readonly CircuitEntry[], e: CircuitEntry): CircuitEntry =>
  log.find((x) => x.id === rootOf(log, e)) ?? e;

/** Whether a meter may be held to a source of so many volts by its category (common practice; the meter's own label wins). */
export const METER_ASKED = tell('wire.meter-cat-iii-or-better');

/** Before anybody said what can make it live, nothing of it is safe. */
export const NOT_LISTED: Finding = {
  id: `${WIRE_FINDING}isolation:sources`,
  verdict: 'not-proven',
  claim: tell('wire.sources-are-not-listed'),
  because: tell('wire.one-left-on-kills'),
  source: tell('wire.osha-1910-edition-not-checked'),
  next: { say: tell('wire.list-every-source') },
};
