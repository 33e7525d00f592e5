import { a2lRoom } from '@/core/circuit/a2l-room';
import { LFL_KG_M3, roomChargeLimit } from '@/core/circuit/room-charge-limit';
import type { Finding } from '@/core/finding/finding';
import type { EquippedWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/charge/words';
import { latestOf } from '@/core/phases/log/circuit-log';
import { OZ_PER_LB } from '@/core/units/units';
import { q } from '@/core/words/said';

/** The mildly flammable charge against the room it could leak into; undefined for other refrigerants. */
export function roomView(sheet: EquippedWith<'circuit' | 'circuitLog'>, totalOz: number): Finding | undefined {
  const { refrigerant } = sheet.circuit.plate;
  if (!(refrigerant in LFL_KG_M3)) return undefined;
  const chargeLb = totalOz / OZ_PER_LB;
  const base = { id: 'room', source: tell('work.ul-iec-60335-2-40-from') };
  const room = latestOf(sheet.circuitLog, 'room')?.body;
  if (room?.makerLimitLb !== undefined && room.makerLimitLb !== null)
    return makerRoom(room.makerLimitLb, totalOz / OZ_PER_LB);
  const steps = a2lRoom({ refrigerant, chargeLb });
  if (!steps.ok) return undefined;
  const because = tell('work.of-mildly-flammable-refrigerant', { chargeLb: q(chargeLb, 'lb', 1), refrigerant });
  if (steps.value.step === 'outside')
    return {
      ...base,
      verdict: 'stop',
      claim: tell('work.more-charge-than-standard-covers'),
      because,
      next: { say: tell('work.ask-maker-do-not-charge-it') },
      miss: 2,
    };
  if (steps.value.step === 'exempt')
    return {
      ...base,
      verdict: 'good',
      claim: tell('work.below-no-room-rule', { exemptLb: q(steps.value.exemptLb, 'lb', 1) }),
      because,
    };
  if (steps.value.step === 'extra measures')
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('work.this-charge-asks-for-extra-measures'),
      because,
      next: { say: tell('work.follow-makers-measures-for-it') },
    };
  if (!room)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('work.room-it-could-leak-into-is'),
      because,
      next: { say: tell('work.measure-smallest-room-it-serves') },
    };
  if (room.detector) {
    const area = room.areaFt2 >= steps.value.minimumAreaFt2;
    const air = room.circulationCfm !== null && room.circulationCfm >= steps.value.minimumCfm;
    return {
      ...base,
      verdict: !area ? 'stop' : air ? 'good' : 'not-proven',
      claim: !area
        ? tell('work.served-are-needed-with-detector', {
            areaFt2: q(room.areaFt2, 'ft2'),
            minimumAreaFt2: q(steps.value.minimumAreaFt2, 'number', 0),
          })
        : air
          ? tell('work.and-enough-with-its-detector', {
              areaFt2: q(room.areaFt2, 'ft2'),
              circulationCfm: q(room.circulationCfm!, 'cfm'),
            })
          : tell('work.detector-must-bring', { minimumCfm: q(steps.value.minimumCfm, 'cfm') }),
      because,
      ...(area && air
        ? {}
        : {
            next: {
              say: area
                ? tell('work.prove-blowers-flow-on-detector-trip')
                : tell('work.take-less-charge-serve-more-area'),
            },
          }),
      miss: steps.value.minimumAreaFt2 / room.areaFt2,
    };
  }
  const limit = roomChargeLimit({
    refrigerant,
    chargeLb,
    areaFt2: room.areaFt2,
    releaseHeightFt: room.releaseHeightFt,
  });
  if (!limit.ok) return undefined;
  return {
    ...base,
    verdict: limit.value.allowed ? 'good' : 'stop',
    claim: limit.value.allowed
      ? tell('work.room-takes', { limitLb: q(limit.value.limitLb, 'lb', 1) })
      : tell('work.room-takes-without-detector-are-planned', {
          limitLb: q(limit.value.limitLb, 'lb', 1),
          chargeLb: q(chargeLb, 'lb', 1),
        }),
    because,
    ...(limit.value.allowed ? {} : { next: { say: tell('work.fit-makers-detector-serve-larger-room') } }),
    miss: chargeLb / limit.value.limitLb,
  };
}

/** The maker's table for this room knows altitude, leak class and the unit's own measures: it wins. */
function makerRoom(limitLb: number, chargeLb: number): Finding {
  const allowed = chargeLb <= limitLb;
  return {
    id: 'room',
    verdict: allowed ? 'good' : 'stop',
    claim: allowed
      ? tell('work.makers-table-allows-in-this-room', { limitLb: q(limitLb, 'lb', 1) })
      : tell('work.makers-table-allows-in-this-room-2', {
          limitLb: q(limitLb, 'lb', 1),
          chargeLb: q(chargeLb, 'lb', 1),
        }),
    because: tell('work.it-takes-altitude-leak-class-and'),
    source: tell('work.makers-table-as-typed'),
    ...(allowed ? {} : { next: { say: tell('work.serve-larger-room-take-less-charge') } }),
    miss: chargeLb / limitLb,
  };
}
