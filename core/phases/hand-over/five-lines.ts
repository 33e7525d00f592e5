import { owedTasks, readOn } from '@/core/job/owed';
import type { FiveLine } from '@/core/job/report-parts';
import { lengthOf } from '@/core/phases/join/line-run';
import { type CircuitEntry, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { FurnaceSnapshot, Snapshot } from '@/core/phases/snapshot';
import { day, type Label, list, lower, q, type Said } from '@/core/words/said';
import { openItems } from './open-items';
import { tell } from './words';

/** A claim of a start-up that says how it runs; the rest of its findings stand in the tables. */
const MAIN_FINDINGS: readonly string[] = [
  'subcooling',
  'superheat',
  'airflow',
  'air-split',
  'heating-rise',
  'heating-capacity',
  'compressor-amps',
];
/** No line says more than so many things: the rest is in the tables (design default). */
const MOST_SAID = 7;

type Named = { name: string | undefined; snapshot: Snapshot };

/**
 * The first page in five lines: what was done, what was proved, what was not, what is owed and when, what the owner looks after. Nothing
 * is said that was not written down or judged.
 */
export function fiveLines(circuits: readonly Named[], jobLog: readonly CircuitEntry[]): FiveLine[] {
  const each = (of: (s: Snapshot) => Label[]): Label[] =>
    circuits.flatMap(({ name, snapshot }) => {
      const said = of(snapshot);
      return name !== undefined && said.length ? said.map((it) => tell('five.of-a-circuit', { name, it })) : said;
    });
  const open = each(notProvedOf);
  const proved = each(provedOf);
  return [
    { id: 'done', label: tell('five.done'), said: each(doneOf) },
    { id: 'proved', label: tell('five.proved'), said: proved.length ? proved : [tell('five.nothing-yet')] },
    { id: 'not-proved', label: tell('five.not-proved'), said: open.length ? open : [tell('five.nothing-open')] },
    { id: 'owed', label: tell('five.owed'), said: owedOf(circuits, jobLog) },
    { id: 'yours', label: tell('five.yours'), said: yoursOf(circuits) },
  ];
}

function doneOf(s: Snapshot): Label[] {
  const recovered = s.circuitRecord?.recovery.recoveredOz ?? 0;
  const run = s.circuitRecord && latestOf(s.circuitRecord.log, 'line-run')?.body;
  const { plate } = s.circuit;
  const { before } = s;
  const pieces = before
    ? [before.outdoor, before.indoor, before.furnace].flatMap((u) => (u ? [`${u.maker} ${u.model}`] : []))
    : [];
  return [
    ...(recovered > 0 ? [tell('five.old-charge-recovered', { oz: q(recovered, 'lbOz') })] : []),
    tell(s.startUp || isWeighed(s) ? 'five.new-equipment' : 'five.to-be-installed', {
      models: list(pieces.length ? [...new Set(pieces)] : [`${plate.maker} ${plate.model}`]),
    }),
    ...(run ? [tell(run.kept ? 'five.line-set-kept' : 'five.line-set-new', { ft: q(lengthOf(run), 'ft') })] : []),
  ];
}

function provedOf(s: Snapshot): Label[] {
  const hold = s.circuitRecord?.pressure?.holds.at(-1);
  const standing = s.circuitRecord?.evacuation.standing;
  const last = standing?.entry.body.samples.at(-1);
  return [
    ...(s.circuitRecord?.pressure?.stage === 'passed' && hold?.minutes !== undefined
      ? [tell('five.tight', { psig: q(hold.start.body.psig, 'psig', 0), min: q(hold.minutes, 'min', 0) })]
      : []),
    ...(standing?.result.classification === 'tight' && last
      ? [tell('five.dry', { microns: q(last[1], 'microns'), min: q(last[0], 'min', 0) })]
      : []),
    ...chargedOf(s),
    ...findings(s, 'good')
      .filter((f) => MAIN_FINDINGS.includes(f.id))
      .map((f) => f.claim),
    ...s.furnaceChecks.filter((f) => f.verdict === 'good').map((f) => f.claim),
  ].slice(0, MOST_SAID);
}

const isCharge = (m: Snapshot['movements'][number]): boolean => m.phase === 'charge' || m.phase === 'start-up';
const isWeighed = ({ movements }: Snapshot): boolean => movements.some(isCharge);

/** What is in the system by the scale: a build-up that nobody weighed in is a plan, not a proof. */
function chargedOf({ charge, movements }: Snapshot): Label[] {
  const weighed = movements.filter(isCharge);
  if (!charge || weighed.length === 0) return [];
  const totalOz = weighed.reduce((sum, m) => sum + m.value, charge.build.alreadyInUnitOz);
  return [tell('five.charge', { oz: q(totalOz, 'lbOz') })];
}

const findings = (s: Snapshot, verdict: string) =>
  [...(s.startUp?.findings ?? []), ...(s.startUp?.proofs.flatMap((p) => p.findings) ?? [])].filter(
    (f) => f.verdict === verdict,
  );

function notProvedOf(s: Snapshot): Label[] {
  const claims: Said[] = [
    ...findings(s, 'stop'),
    ...findings(s, 'look-again'),
    ...findings(s, 'not-proven'),
    ...s.furnaceChecks.filter((f) => f.verdict !== 'good'),
  ].map((f) => f.claim);
  const told = claims.slice(0, MOST_SAID);
  const rest = claims.length - told.length;
  return [
    ...told,
    ...(rest > 0 ? [tell('five.and-more', { n: rest })] : []),
    ...(s.startUp ? [] : [tell('five.never-started')]),
    ...(s.overrides.length ? [tell('five.let-pass', { n: s.overrides.length })] : []),
  ];
}

/** What is owed, each with its day: proofs of a season, a first filter, a visit that is planned. */
function owedOf(circuits: readonly Named[], jobLog: readonly CircuitEntry[]): Label[] {
  const proofs = circuits.flatMap(({ snapshot: s }) =>
    owedTasks(s.startUp?.findings ?? [], readOn(s.startUp?.measurements, s.job.scheduledFor, s.site.timeZone)),
  );
  const said = [
    ...new Map(proofs.map((p) => [p.proof, tell('five.sentence', { it: p.say })])).values(),
    ...owedOfJob(jobLog),
  ];
  const unknown = circuits.some(({ snapshot: s }) => s.startUp === null && s.furnace === null);
  return said.length ? said : [tell(unknown ? 'five.known-once-started' : 'five.nothing-owed')];
}

/** What the job's own log owes: a first filter, what was left open. */
function owedOfJob(jobLog: readonly CircuitEntry[]): Label[] {
  const filters = entriesOf(jobLog, 'filter-fitted').flatMap(({ body }) =>
    body.changeOn ? [tell('five.filter-on', { day: day(body.changeOn) })] : [],
  );
  const open = openItems(jobLog).filter((i) => !i.closed);
  return [...filters, ...open.map((i) => tell('five.open', { what: i.what, owner: lower(i.owner), day: day(i.due) }))];
}

/** The first page of furnaces that were installed alone. */
export function furnaceLines(furnaces: readonly FurnaceSnapshot[], jobLog: readonly CircuitEntry[]): FiveLine[] {
  const judged = furnaces.flatMap((s) => [...s.furnaceChecks, ...s.before.gasPipe.checks]);
  const good = judged.filter((f) => f.verdict === 'good').map((f) => f.claim);
  const open = [
    ...judged.filter((f) => f.verdict !== 'good').map((f) => f.claim),
    ...(furnaces.some((s) => s.furnace === null) ? [tell('five.never-fired')] : []),
  ];
  const units = furnaces.flatMap((s) => s.before.furnace ?? s.before.indoor ?? []);
  const owed = owedOfJob(jobLog);
  return [
    {
      id: 'done',
      label: tell('five.done'),
      said: units.length
        ? [
            tell(furnaces.some((s) => s.furnace) ? 'five.new-equipment' : 'five.to-be-installed', {
              models: list(units.map((u) => `${u.maker} ${u.model}`)),
            }),
          ]
        : [tell('five.nothing-yet')],
    },
    {
      id: 'proved',
      label: tell('five.proved'),
      said: good.length ? good.slice(0, MOST_SAID) : [tell('five.nothing-yet')],
    },
    {
      id: 'not-proved',
      label: tell('five.not-proved'),
      said: open.length ? open.slice(0, MOST_SAID) : [tell('five.nothing-open')],
    },
    { id: 'owed', label: tell('five.owed'), said: owed.length ? owed : [tell('five.nothing-owed')] },
    { id: 'yours', label: tell('five.yours'), said: yours({ cools: false, burns: true }) },
  ];
}

/** What the owner looks after, by what stands there now. */
const yoursOf = (circuits: readonly Named[]): Label[] =>
  yours({ cools: true, burns: circuits.some(({ snapshot: s }) => s.furnace !== null) });
function yours({ cools, burns }: { cools: boolean; burns: boolean }): Label[] {
  return [
    ...(cools ? [tell('five.keep-clear')] : []),
    tell('five.change-the-filter'),
    ...(cools ? [tell('five.water-means-call')] : []),
    ...(burns ? [tell('five.smell-of-gas')] : []),
  ];
}
