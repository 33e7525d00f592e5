import { describe, expect, it } from 'vitest';
import { FAULTS, type FaultName } from '@/core/plant/unit/faults';
import { ACTS, actsFor, CURED_BY_OPENING, quickestFor } from './acts';
import { applySystem, isRight } from './apply-system';
import { HARM_POINTS } from './harm';
import { SEEDS } from './levels';
import type { Move } from './moves';
import { PROBE_IDS } from './probes';
import { readingsOf } from './system-facts';
import { nowMin, type SystemPlay } from './system-play';
import { played, refusedBy, roundOf, roundWith } from './testing/rounds';

const harms = (p: SystemPlay): string[] => p.harm.map((h) => h.id);

describe('putting it right', () => {
  it.each(FAULTS.filter((f) => f !== 'healthy' && f !== 'probe-doubt'))(
    '%s is ended by its own act and by no other that leaves the circuit closed',
    (fault) => {
      const round = roundWith(fault);
      for (const id of actsFor(round.metering)) {
        const act: { cures: readonly FaultName[]; opens?: true } = ACTS[id];
        const ends = act.cures.includes(fault) || (act.opens === true && CURED_BY_OPENING.includes(fault));
        expect(isRight(played(round, { kind: 'act', id })), id).toBe(ends);
      }
      expect(actsFor(round.metering)).toContain(quickestFor(fault));
    },
  );

  it('by the scale ends a wrong charge, and only that', () => {
    for (const fault of ['undercharge', 'overcharge'] as const) {
      const round = roundWith(fault, 'ladder');
      const p = played(round, { kind: 'act', id: 'open-airways' }, { kind: 'wait', minutes: 15 });
      const gap = round.nominalChargeOz - p.state.chargeOz;
      expect(Math.sign(gap)).toBe(fault === 'undercharge' ? 1 : -1);
      applySystem(p, { kind: 'charge', way: gap > 0 ? 'add' : 'recover', oz: Math.abs(gap) });
      expect(isRight(p)).toBe(true);
      expect(harms(p)).toEqual([]);
    }
  });

  it('weighing the charge tells it and puts it right', () => {
    for (const fault of ['undercharge', 'overcharge'] as const) {
      const p = played(roundWith(fault, 'ladder'), { kind: 'follow', id: 'weigh-charge' });
      expect(p.found).toEqual([{ id: 'weigh-charge', found: fault }]);
      expect(isRight(p)).toBe(true);
      expect(harms(p)).toEqual([]);
    }
  });

  it('an orifice is told by what is stamped on it: larger, smaller or as the match sheet asks', () => {
    const stamped = (fault: FaultName): [string | undefined, number, number] => {
      const p = played(roundWith(fault), { kind: 'follow', id: 'orifice-stamp' });
      const { stamped: is, asked } = p.done.at(-1)!.showed!.with as { stamped: string; asked: string };
      return [p.found[0]?.found, Number(is), Number(asked)];
    };
    for (const [fault, sign] of [
      ['orifice-too-large', 1],
      ['orifice-too-small', -1],
    ] as const) {
      const [found, is, asked] = stamped(fault);
      expect(found).toBe(fault);
      expect(Math.sign(is - asked)).toBe(sign);
    }
    const other = SEEDS.faults
      .map((s) => roundOf('faults', s))
      .find((r) => r.metering === 'fixed-orifice' && !r.hidden[0]?.fault.startsWith('orifice'))!;
    const p = played(other, { kind: 'follow', id: 'orifice-stamp' });
    expect(p.found).toEqual([{ id: 'orifice-stamp', found: 'none' }]);
    expect(p.done.at(-1)?.showed?.with?.stamped).toBe(p.done.at(-1)?.showed?.with?.asked);
  });

  it('the system then reads as a sound one does', () => {
    const round = roundWith('outdoor-coil-blocked', 'ladder');
    const all: Move = { kind: 'place', probes: [...PROBE_IDS] };
    const mended = readingsOf(played(round, { kind: 'act', id: 'wash-coil' }, { kind: 'wait', minutes: 30 }, all));
    const sound = readingsOf(played({ ...round, hidden: [] }, { kind: 'wait', minutes: 30 }, all));
    for (const name of ['suctionPsig', 'liquidPsig', 'liquidLineF', 'supplyDryBulbF', 'compressorA'] as const)
      expect(Math.abs(mended[name]!.value - sound[name]!.value), name).toBeLessThan(0.01 * sound[name]!.value + 0.6);
  });
});

describe('harm', () => {
  it('charge moved before the air is proven, and before it has settled', () => {
    const p = played(roundWith('undercharge', 'ladder'), { kind: 'charge', way: 'add', oz: 2 });
    expect(harms(p)).toEqual(['charged-in-the-dark']);
    applySystem(p, { kind: 'charge', way: 'add', oz: 1 });
    expect(harms(p)).toEqual(['charged-in-the-dark', 'charged-too-soon']);
    const proven = played(
      roundWith('undercharge', 'ladder'),
      { kind: 'follow', id: 'airflow' },
      { kind: 'charge', way: 'add', oz: 2 },
    );
    expect(harms(proven)).toEqual([]);
  });

  it('a full system filled, a right one emptied', () => {
    const full = played(
      roundWith('overcharge', 'ladder'),
      { kind: 'follow', id: 'airflow' },
      { kind: 'charge', way: 'add', oz: 5 },
    );
    expect(harms(full)).toEqual(['overfilled']);
    const right = roundWith('low-indoor-airflow', 'ladder');
    const empty = played(
      right,
      { kind: 'follow', id: 'airflow' },
      { kind: 'charge', way: 'recover', oz: Math.ceil(0.1 * right.nominalChargeOz) },
    );
    expect(harms(empty)).toEqual(['starved']);
  });

  it.each([
    ['change-compressor', 'compressor-for-nothing'],
    ['change-valve', 'part-for-nothing'],
    ['change-drier', 'part-for-nothing'],
    ['clean-charge', 'opened-for-nothing'],
  ] as const)('%s on a sound system is %s', (id, harm) => {
    const sound = { ...roundWith('undercharge', 'ladder'), hidden: [] };
    const p = played(sound, { kind: 'act', id });
    expect(p.harm).toMatchObject([{ id: harm, points: HARM_POINTS[harm], act: id }]);
    // Twice the same is still one harm of that kind.
    applySystem(p, { kind: 'act', id });
    expect(p.harm).toHaveLength(1);
  });

  it('a part that was the fault is none', () => {
    for (const fault of ['liquid-restriction', 'weak-compressor', 'non-condensables'] as const) {
      const round = roundWith(fault);
      expect(harms(played(round, { kind: 'act', id: quickestFor(fault)! })), fault).toEqual([]);
    }
  });

  it('a system left on a foreign gas, whatever it was called', () => {
    const round = roundWith('non-condensables');
    const left = played(round, { kind: 'name', faults: ['non-condensables'] }, { kind: 'finish' });
    expect(harms(left)).toEqual(['left-on-foreign-gas']);
    const cleaned = played(
      round,
      { kind: 'act', id: 'clean-charge' },
      { kind: 'name', faults: ['non-condensables'] },
      { kind: 'finish' },
    );
    expect(harms(cleaned)).toEqual([]);
  });

  it('liquid on its way to the compressor, from three quarters of an hour on', () => {
    const round = roundWith('valve-flooding');
    const p = played(round, { kind: 'wait', minutes: 40 });
    expect(p.state.superheatF).toBeLessThan(2);
    expect(harms(p)).toEqual([]);
    applySystem(p, { kind: 'wait', minutes: 10 });
    expect(harms(p)).toEqual(['flooded']);
  });

  it('a start after a high-pressure trip with nothing put right', () => {
    const round = roundWith('overcharge', 'ladder');
    const p = played({
      ...round,
      hidden: [{ fault: 'outdoor-coil-blocked', severity: 1 }],
      outdoorF: 118,
      refrigerant: 'R-410A',
    });
    while (p.state.running && nowMin(p) < 200) applySystem(p, { kind: 'charge', way: 'add', oz: 40 });
    expect(p.state.cutout).toBe('high-pressure');
    expect(refusedBy(p, { kind: 'charge', way: 'add', oz: 5 })).toBe('practice.it-stands');
    applySystem(p, { kind: 'restart' });
    expect(harms(p)).toContain('restarted-on-high-pressure');
  });
});
