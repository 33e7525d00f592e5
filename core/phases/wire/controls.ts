import { cableNeeds, waysFor } from '@/core/controls/cable-plan';
import { type Explained, explain, FAULT_WORDS, HAZARDS, MEND_WORDS } from '@/core/controls/explain';
import { type Breach, breachesOf } from '@/core/controls/invariants';
import { controlDrop, transformerLoad } from '@/core/controls/low-voltage';
import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { list, q, type Said, value } from '@/core/words/said';
import { BREACH_WORDS } from './breach-words';
import { CALL_WORDS, codesWords, deviceWords } from './names';
import type { Diagnosis, ProofRow } from './proofs';
import type { Wiring } from './wiring';
import { tell } from './words';

const COMMON = tell('wire.common-practice');
const SOLVED = tell('wire.solved-from-the-plan');
const id = (part: string): string => `${WIRE_FINDING}controls:${part}`;

/** How full a control transformer may be (common practice), %. */
const FULL_PCT = 100;
const GOOD_PCT = 80;
/** A contactor's coil pulls in safely from here on (common practice), V. */
const COIL_V = 20.4;
/** What a contactor takes when it pulls in (common practice), A. */
const PULL_IN_A = 1.6;
const CONTROL_V = 24;
const CONTROL_AWG = 18;

/** The plan of the controls: valve, conductors, transformer, drop, where the float breaks. */
export function planFindings(wiring: Wiring): Finding[] {
  const { asked, body, spec, healthy, valveKnown } = wiring;
  const out: Finding[] = [];
  if (!asked)
    out.push({
      id: id('plan'),
      verdict: 'not-proven',
      claim: tell('wire.plan-is-not-confirmed'),
      because: tell('wire.made-from-scope-look-at-its-diagram'),
      source: COMMON,
      next: advise(tell('wire.look-at-the-plan')),
    });
  else if (!valveKnown)
    out.push({
      id: id('valve'),
      verdict: 'not-proven',
      claim: tell('wire.valve-is-not-known'),
      because: tell('wire.never-guess-the-valve'),
      source: COMMON,
      next: advise(tell('wire.read-the-valve-off-its-diagram')),
    });
  for (const need of cableNeeds(healthy.plan, {
    ...(body.statWires === null ? {} : { stat: body.statWires }),
    ...(body.outdoorWires === null ? {} : { outdoor: body.outdoorWires }),
  })) {
    const said = { cable: CABLE_WORDS[need.cable], needed: need.roles.length, intact: need.intact ?? 0 };
    const short = need.short ?? 0;
    const solved = short > 0 && body.shortWay !== null;
    const ways = waysFor(need, {
      unusedLandedRoles: [],
      communicating: spec.communicating ?? false,
      coolingOnly: !spec.heatPump,
    });
    out.push({
      id: id(`cable-${need.cable}`),
      verdict: need.intact === undefined ? 'not-proven' : short > 0 && !solved ? 'look-again' : 'good',
      claim:
        need.intact === undefined
          ? tell('wire.nobody-counted', said)
          : short > 0
            ? solved
              ? tell('wire.short-and-solved', { ...said, way: value(body.shortWay ?? '') })
              : tell('wire.cable-is-short', { ...said, short })
            : tell('wire.cable-carries', { ...said, spare: need.intact - need.roles.length }),
      because: tell('wire.one-conductor-one-role'),
      source: COMMON,
      ...(short > 0 && !solved
        ? {
            miss: short,
            next: advise(
              tell('wire.one-of', {
                ways: list(
                  ways.map((w) => value(w)),
                  '; ',
                ),
              }),
            ),
          }
        : need.intact === undefined
          ? { next: advise(tell('wire.count-the-whole-ones')) }
          : {}),
    });
  }
  if (!spec.communicating) out.push(...supplyFindings(wiring));
  if (body.floatBreak !== 'R_ALL')
    out.push({
      id: id('float'),
      verdict: body.floatReason ? 'good' : 'look-again',
      claim: body.floatReason
        ? tell('wire.float-breaks-because', { at: value(body.floatBreak), reason: body.floatReason })
        : tell('wire.float-breaks-less', { at: value(body.floatBreak) }),
      because: tell('wire.all-of-r-is-noticed-at-once'),
      source: tell('wire.imc-307-edition-not-checked'),
      ...(body.floatReason ? {} : { miss: 1, next: advise(tell('wire.say-why-or-break-r')) }),
    });
  return out;
}

function supplyFindings({ healthy, body }: Wiring): Finding[] {
  const load = transformerLoad({ loadsVa: healthy.plan.loads.map((l) => l.va), ratingVa: body.transformerVa });
  const out: Finding[] = [];
  if (load.ok) {
    const { loadPct, totalVa } = load.value;
    out.push({
      id: id('transformer'),
      verdict: loadPct > FULL_PCT ? 'stop' : loadPct > GOOD_PCT ? 'look-again' : 'good',
      claim: tell('wire.transformer-load', {
        va: q(totalVa, 'number', 0),
        of: q(body.transformerVa, 'number', 0),
        pct: q(loadPct, 'pct', 0),
      }),
      because: tell('wire.a-fuse-does-not-guard-a-small-transformer'),
      source: COMMON,
      ...(loadPct > GOOD_PCT ? { miss: loadPct / GOOD_PCT, next: advise(tell('wire.larger-transformer')) } : {}),
    });
  }
  if (body.lengthFt === null) return out;
  const drop = controlDrop({ amps: PULL_IN_A, lengthFt: body.lengthFt, awg: CONTROL_AWG, sourceVolts: CONTROL_V });
  if (drop.ok)
    out.push({
      id: id('drop'),
      verdict: drop.value.loadV >= COIL_V ? 'good' : 'look-again',
      claim: tell('wire.coil-gets', { volts: q(drop.value.loadV, 'V', 1), lengthFt: q(body.lengthFt, 'ft', 0) }),
      because: tell('wire.coil-wants', { volts: q(COIL_V, 'V', 1) }),
      source: tell('wire.ohms-law'),
      ...(drop.value.loadV >= COIL_V ? {} : { miss: 1, next: advise(tell('wire.thicker-control-wire')) }),
    });
  return out;
}

const CABLE_WORDS = { stat: tell('wire.cable-stat'), outdoor: tell('wire.cable-outdoor') } as const;

/** The board as it is wired by what is written down, against the plan: what it does otherwise, and what puts it right. */
export function boardFinding(wiring: Wiring): Finding {
  const base = { id: id('board'), because: tell('wire.every-call-and-safety-solved'), source: SOLVED };
  if (wiring.edits.length === 0) return { ...base, verdict: 'good', claim: tell('wire.board-is-as-planned') };
  const { healthy, wired, spec } = wiring;
  const e = explain(spec, healthy, wired);
  const breaches = breachesOf(spec, wired);
  if (e.otherwise.length === 0 && breaches.length === 0 && !e.telling)
    return { ...base, verdict: 'good', claim: tell('wire.board-runs-as-planned') };
  return {
    ...base,
    verdict: breaches.length > 0 ? 'stop' : 'look-again',
    claim: sentenceOf(e, breaches),
    miss: 1,
    next: advise(e.codes[0] ? MEND_WORDS[e.codes[0]] : tell('wire.put-the-board-right')),
  };
}

/** What is wrong with a board in one sentence: the fault of the list, else the worst that it does, else the first call that differs. */
export function sentenceOf({ codes, otherwise }: Explained, breaches: readonly Breach[]): Said {
  if (codes[0]) return FAULT_WORDS[codes[0]];
  if (breaches[0])
    return tell('wire.breach-on', { breach: BREACH_WORDS[breaches[0].broken], call: CALL_WORDS[breaches[0].call] });
  const first = otherwise[0];
  if (!first) return tell('wire.a-meter-shows-it');
  return tell('wire.call-differs', {
    call: CALL_WORDS[first.trial.call],
    missing: codesWords(first.missing),
    extra: codesWords(first.extra),
  });
}

/** What was tried, against what must run: open, as it should, otherwise, or voided by a later change. */
export function proofFinding(proofs: readonly ProofRow[], diagnosis: Diagnosis | undefined): Finding | undefined {
  if (proofs.length === 0) return undefined;
  const good = proofs.filter((p) => p.state === 'good').length;
  const base = {
    id: id('proofs'),
    because: tell('wire.cooling-alone-misses-faults'),
    source: SOLVED,
  };
  if (diagnosis) {
    const [only] = diagnosis.left;
    const found = diagnosis.left.length === 1 && only !== undefined && only !== 'none' ? only : undefined;
    return {
      ...base,
      verdict: found && !HAZARDS.includes(found) ? 'look-again' : found ? 'stop' : 'look-again',
      claim: found
        ? FAULT_WORDS[found]
        : diagnosis.left.length > 0
          ? tell('wire.may-be-one-of', { count: diagnosis.left.length })
          : tell('wire.nothing-of-the-list-explains-it'),
      miss: 1,
      next: advise(found ? MEND_WORDS[found] : nextOf(diagnosis)),
    };
  }
  if (good === proofs.length)
    return { ...base, verdict: 'good', claim: tell('wire.every-call-proven', { count: proofs.length }) };
  const next = proofs.find((p) => p.state !== 'good')!;
  return {
    ...base,
    verdict: 'not-proven',
    claim: tell('wire.proven-of', { good, count: proofs.length }),
    next: advise(tryOf(next)),
  };
}

export const tryOf = ({ trial, state }: Pick<ProofRow, 'trial' | 'state'>): Said =>
  trial.open.length
    ? tell('wire.call-and-open', { call: CALL_WORDS[trial.call], device: deviceWords(trial.open[0]!) })
    : tell(state === 'void' ? 'wire.call-again' : 'wire.call-for', { call: CALL_WORDS[trial.call] });

function nextOf({ next }: Diagnosis): Said {
  if (!next) return tell('wire.trace-it-end-to-end');
  return next.kind === 'trial'
    ? tryOf({ trial: next.trial, state: 'open' })
    : tell('wire.measure-between', { a: next.at.a, b: next.at.b, call: CALL_WORDS[next.at.call] });
}
