import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { command } from '@/core/plant/rig';
import { faultsOf } from '@/core/plant/unit/faults';
import { q, type Said } from '@/core/words/said';
import { actOf, actsFor, CURED_BY_OPENING, HOSES_MIN, SETTLE_MIN } from './acts';
import { follow, followsFor, HIGH_CHARGE, LOW_CHARGE } from './follow';
import { addHarm } from './harm';
import type { Move, MoveOf } from './moves';
import { minutesOf } from './probes';
import { reasonedOf } from './system-facts';
import { laidAnew, note, nowMin, pass, type SystemPlay, start, stop } from './system-play';
import { tell } from './words';

/** A day on site, min: after it nothing more is begun. */
export const DAY_MIN = 600;
/** From so far off the build-up on, moved charge has done harm (house rule). */
const HARMED = { full: 1.08, empty: 0.92 };

/** Makes one move; a refusal says why it cannot be made now, and nothing has happened then. */
export function applySystem(p: SystemPlay, move: Move): Outcome<SystemPlay> {
  const refused = refusalOf(p, move);
  if (refused) return refuse('moves', refused.why, refused.allowed);
  const atMin = nowMin(p);
  const showed = make(p, move);
  p.done.push({ atMin, move, ...(showed ? { showed } : {}) });
  return ok(p);
}

type Why = { why: Said; allowed: Said };

function refusalOf(p: SystemPlay, move: Move): Why | undefined {
  if (p.finished) return { why: tell('practice.round-is-over'), allowed: tell('practice.begin-another') };
  if (move.kind === 'finish')
    return p.named ? undefined : { why: tell('practice.nothing-named'), allowed: tell('practice.name-it-first') };
  if (move.kind === 'name') return namingRefused(p, move);
  if (nowMin(p) >= DAY_MIN) return { why: tell('practice.day-is-over'), allowed: tell('practice.name-or-hand-over') };
  const running = p.state.running;
  switch (move.kind) {
    case 'place':
      return move.probes.every((id) => p.placed.includes(id))
        ? { why: tell('practice.is-on-already'), allowed: tell('practice.a-probe-not-on-yet') }
        : undefined;
    case 'follow':
      return followsFor(p).includes(move.id)
        ? undefined
        : { why: tell('practice.not-on-this-meter'), allowed: tell('practice.what-the-list-shows') };
    case 'act':
      return actsFor(p.round.metering).includes(move.id)
        ? undefined
        : { why: tell('practice.not-on-this-meter'), allowed: tell('practice.what-the-list-shows') };
    case 'charge':
      if (!running) return { why: tell('practice.it-stands'), allowed: tell('practice.start-it-first') };
      return move.way === 'recover' && move.oz >= p.state.chargeOz
        ? { why: tell('practice.more-than-is-in-it'), allowed: tell('practice.less-than-that') }
        : undefined;
    case 'restart':
      return running ? { why: tell('practice.it-runs'), allowed: tell('practice.only-while-it-stands') } : undefined;
    case 'wait':
      return undefined;
    default:
      return { why: tell('practice.no-cabinet-here'), allowed: tell('practice.what-the-list-shows') };
  }
}

function namingRefused(p: SystemPlay, { faults }: MoveOf<'name'>): Why | undefined {
  if (p.named) return { why: tell('practice.named-already'), allowed: tell('practice.put-right-or-hand-over') };
  if (new Set(faults).size < faults.length || (faults.length > 1 && faults.includes('healthy')))
    return { why: tell('practice.faults-exclude-each-other'), allowed: tell('practice.one-or-two-different') };
  const possible = faultsOf(p.round.metering);
  return faults.every((f) => possible.includes(f))
    ? undefined
    : { why: tell('practice.not-on-this-meter'), allowed: tell('practice.what-the-list-shows') };
}

function make(p: SystemPlay, move: Move): Said | undefined {
  switch (move.kind) {
    case 'place': {
      const fresh = move.probes.filter((id) => !p.placed.includes(id));
      pass(p, minutesOf(fresh), 'measuring', fresh);
      p.placed = [...p.placed, ...fresh];
      return undefined;
    }
    case 'follow':
      return follow(p, move.id);
    case 'wait':
      pass(p, move.minutes, 'waiting');
      return undefined;
    case 'charge':
      return moveCharge(p, move);
    case 'act':
      act(p, move);
      return undefined;
    case 'restart':
      if (p.state.cutout === 'high-pressure' && p.events.at(-1)?.kind === 'compressor-stop')
        addHarm(p.harm, 'restarted-on-high-pressure', nowMin(p));
      start(p);
      pass(p, 1, 'waiting');
      return undefined;
    case 'name':
      p.named = move.faults;
      p.reasoned = reasonedOf(p);
      return undefined;
    case 'finish':
      if (p.hidden.some((h) => h.fault === 'non-condensables')) addHarm(p.harm, 'left-on-foreign-gas', nowMin(p));
      p.finished = true;
      return undefined;
    default:
      return undefined;
  }
}

function moveCharge(p: SystemPlay, { way, oz }: MoveOf<'charge'>): Said {
  if (!p.airProven) addHarm(p.harm, 'charged-in-the-dark', nowMin(p));
  if (nowMin(p) - p.changedMin < SETTLE_MIN) addHarm(p.harm, 'charged-too-soon', nowMin(p));
  pass(p, HOSES_MIN, 'working');
  const before = p.state.chargeOz;
  p.state = command(p.config, p.state, { kind: way === 'add' ? 'weigh-in' : 'recover', oz }).state;
  note(p, 'refrigerant');
  while (p.state.cylinder.valveOpen) pass(p, 0.5, 'working');
  note(p, 'refrigerant');
  changed(p);
  const share = p.state.chargeOz / p.round.nominalChargeOz;
  if (way === 'add' && share > HARMED.full) addHarm(p.harm, 'overfilled', nowMin(p));
  if (way === 'recover' && share < HARMED.empty) addHarm(p.harm, 'starved', nowMin(p));
  p.hidden = p.hidden.filter(
    (h) => (h.fault !== 'undercharge' && h.fault !== 'overcharge') || share < LOW_CHARGE || share > HIGH_CHARGE,
  );
  return tell('practice.scale-shows', { oz: q(Math.abs(p.state.chargeOz - before), 'oz', 1) });
}

function act(p: SystemPlay, { id }: MoveOf<'act'>): void {
  const { minutes, cures, opens } = actOf(id);
  const sound = !p.hidden.some((h) => cures.includes(h.fault));
  if (sound && id === 'change-compressor') addHarm(p.harm, 'compressor-for-nothing', nowMin(p), id);
  else if (sound && opens)
    addHarm(p.harm, id === 'clean-charge' ? 'opened-for-nothing' : 'part-for-nothing', nowMin(p), id);
  if (id !== 'open-airways') stop(p);
  pass(p, minutes, 'working');
  const ended = opens ? [...cures, ...CURED_BY_OPENING] : cures;
  p.hidden = p.hidden.filter((h) => !ended.includes(h.fault));
  if (opens) p.state.chargeOz = p.round.nominalChargeOz;
  if (id === 'open-airways') p.airProven = true;
  laidAnew(p);
  note(p, 'setting');
  start(p);
  changed(p);
}

/** What was looked at before a change says nothing of what is after it. */
function changed(p: SystemPlay): void {
  p.changedMin = nowMin(p);
  p.followed = {};
  p.found = [];
  p.cfm = undefined;
}

/** Whether nothing of what was wrong is left, by what the system is now. */
export function isRight(p: SystemPlay): boolean {
  const share = p.state.chargeOz / p.round.nominalChargeOz;
  return p.hidden.length === 0 && share >= LOW_CHARGE && share <= HIGH_CHARGE;
}
