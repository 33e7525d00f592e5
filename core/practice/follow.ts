import { FOLLOW_UPS, type FollowUpId, type Found, followUpsFor } from '@/core/diagnosis/follow-ups';
import { normal, type RandomState } from '@/core/numeric/random';
import { truth } from '@/core/plant/rig';
import type { FaultName } from '@/core/plant/unit/faults';
import { CFM_PER_TON } from '@/core/startup/airflow';
import type { Quantity } from '@/core/startup/quantities';
import { q, type Said } from '@/core/words/said';
import { SPOILT_WORDS } from './spoilt-words';
import { laidAnew, note, pass, type SystemPlay, start, stop } from './system-play';
import { tell } from './words';

type Showed = { said: Said; readings?: Partial<Record<Quantity, number>>; found?: Found };
/** Spread of a clamp pair, an air measurement and a scale (common practice). */
const CLAMP_F = 0.4;
const AIR_SHARE = 0.03;
const SCALE_OZ = 1;
/** A restriction drops this much over the drier, °F, from hardly there to hard; a sound one next to nothing. */
const DROP_F = { sound: 0.6, mild: 4, hard: 18 };

/** Follow-ups that this system has something for. */
export const followsFor = (p: SystemPlay): FollowUpId[] => followUpsFor(p.round.metering).map((f) => f.id);

/** Does a follow-up, in its time, and tells what it showed. In practice a look shows what is there: the judging is the lesson. */
export function follow(p: SystemPlay, id: FollowUpId): Said {
  const stands = id === 'off-pressure' || id === 'orifice-stamp' || id === 'weigh-charge';
  if (stands) stop(p);
  pass(p, FOLLOW_UPS[id].minutes, 'measuring');
  const { said, readings, found } = showedBy(p, id);
  if (stands) start(p);
  p.followed = { ...p.followed, ...readings };
  if (found) p.found = [...p.found.filter((f) => f.id !== id), found];
  return said;
}

function showedBy(p: SystemPlay, id: FollowUpId): Showed {
  const random: RandomState = { seed: p.round.seed * 31 + Math.round(p.state.seconds) };
  const about = (x: number, spread: number): number => x + spread * normal(random);
  const there = (fault: FaultName) => p.hidden.find((h) => h.fault === fault);
  const seen = (fault: FaultName): Found => ({ id, found: there(fault) ? fault : 'none' });
  const real = truth(p.config, p.state);
  switch (id) {
    case 'second-look': {
      const wrong = p.spoilt;
      if (wrong) {
        p.spoilt = undefined;
        p.hidden = p.hidden.filter((h) => h.fault !== 'probe-doubt');
        laidAnew(p);
        note(p, 'setting');
        return {
          said: SPOILT_WORDS[wrong.why],
          found: { id, found: 'probe-doubt' },
        };
      }
      return {
        said: there('outdoor-coil-blocked') ? tell('practice.coil-is-dirty') : tell('practice.probes-and-coil-right'),
        found: seen('outdoor-coil-blocked'),
      };
    }
    case 'drier-drop': {
      const clogged = there('liquid-restriction');
      const drop = clogged ? DROP_F.mild + (DROP_F.hard - DROP_F.mild) * clogged.severity : DROP_F.sound;
      const dropF = Math.max(0, about(drop, CLAMP_F));
      return { said: tell('practice.over-the-drier', { drop: q(dropF, 'F', 1) }), readings: { drierDropF: dropF } };
    }
    case 'compressor-inlet': {
      const inletF = about(real.compressorSuctionF, CLAMP_F);
      return {
        said: tell('practice.at-the-compressor', { inlet: q(inletF, 'F', 1), line: q(real.suctionLineF, 'F', 1) }),
        readings: { compressorSuctionF: inletF },
      };
    }
    case 'airflow': {
      p.cfm = Math.round(about(1, AIR_SHARE) * p.round.tons * CFM_PER_TON.nominal * p.config.indoorAir);
      p.airProven = true;
      return {
        said: tell('practice.airflow-is', { cfm: q(p.cfm, 'cfm', 0), perTon: q(p.cfm / p.round.tons, 'number', 0) }),
      };
    }
    case 'off-pressure':
      return {
        said: tell('practice.at-rest', {
          psig: q(real.suctionPsig, 'psig', 1),
          outdoor: q(real.outdoorDryBulbF, 'F', 1),
        }),
        readings: { offPsig: real.suctionPsig, offOutdoorF: real.outdoorDryBulbF },
      };
    case 'pump-test':
      return {
        said: there('weak-compressor') ? tell('practice.does-not-pull-down') : tell('practice.pulls-down-and-holds'),
        found: seen('weak-compressor'),
      };
    case 'valve-bulb': {
      const [starves, floods] = [there('valve-starving'), there('valve-flooding')];
      return {
        said: starves
          ? tell('practice.valve-does-not-open')
          : floods
            ? tell('practice.valve-does-not-close')
            : tell('practice.valve-answers'),
        found: { id, found: starves ? 'valve-starving' : floods ? 'valve-flooding' : 'none' },
      };
    }
    case 'orifice-stamp': {
      const asked = p.round.orificeMils!;
      const [large, small] = [there('orifice-too-large'), there('orifice-too-small')];
      // Flow goes with the area: a bore with its square.
      const stamped = large || small ? Math.round(asked * Math.sqrt(p.config.meterOpening)) : asked;
      return {
        said: tell('practice.stamped', { stamped: String(stamped), asked: String(asked) }),
        found: { id, found: large ? 'orifice-too-large' : small ? 'orifice-too-small' : 'none' },
      };
    }
    case 'weigh-charge': {
      const oz = about(p.state.chargeOz, SCALE_OZ);
      const share = p.state.chargeOz / p.round.nominalChargeOz;
      // What plate and line ask for goes back in.
      p.state.chargeOz = p.round.nominalChargeOz;
      p.hidden = p.hidden.filter((h) => h.fault !== 'undercharge' && h.fault !== 'overcharge');
      note(p, 'refrigerant');
      return {
        said: tell('practice.weighed', { oz: q(oz, 'oz', 0), asked: q(p.round.nominalChargeOz, 'oz', 0) }),
        found: { id, found: share < LOW_CHARGE ? 'undercharge' : share > HIGH_CHARGE ? 'overcharge' : 'none' },
      };
    }
  }
}

/** A charge within this of the build-up is right (house rule: twice the charge step of decision 17, rounded). */
export const LOW_CHARGE = 0.95;
export const HIGH_CHARGE = 1.05;
