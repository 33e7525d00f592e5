import { a2lRoom } from '@/core/circuit/a2l-room';
import { latestOf } from '@/core/circuit/log/circuit-log';
import { LFL_KG_M3, roomChargeLimit } from '@/core/circuit/room-charge-limit';
import type { Finding } from '@/core/finding/finding';
import type { EquippedSheet } from '@/core/job/sheet';
import { OZ_PER_LB } from '@/core/units/units';

/** The mildly flammable charge against the room it could leak into; undefined for other refrigerants. */
export function roomView(sheet: EquippedSheet, totalOz: number): Finding | undefined {
  const { refrigerant } = sheet.circuit.plate;
  if (!(refrigerant in LFL_KG_M3)) return undefined;
  const chargeLb = totalOz / OZ_PER_LB;
  const base = { id: 'room', source: 'UL/IEC 60335-2-40, from memory; the maker’s table wins; check the current rule' };
  const room = latestOf(sheet.circuitLog, 'room')?.body;
  if (room?.makerLimitLb !== undefined && room.makerLimitLb !== null)
    return makerRoom(room.makerLimitLb, totalOz / OZ_PER_LB);
  const steps = a2lRoom({ refrigerant, chargeLb });
  if (!steps.ok) return undefined;
  const because = `${chargeLb.toFixed(1)} lb of ${refrigerant}, a mildly flammable refrigerant.`;
  if (steps.value.step === 'outside')
    return {
      ...base,
      verdict: 'stop',
      claim: 'More charge than the standard covers.',
      because,
      next: { say: 'Ask the maker; do not charge it.' },
      miss: 2,
    };
  if (steps.value.step === 'exempt')
    return { ...base, verdict: 'good', claim: `Below ${steps.value.exemptLb.toFixed(1)} lb: no room rule.`, because };
  if (steps.value.step === 'extra measures')
    return {
      ...base,
      verdict: 'look-again',
      claim: 'This charge asks for extra measures by the standard.',
      because,
      next: { say: 'Follow the maker’s measures for it.' },
    };
  if (!room)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'The room it could leak into is not measured.',
      because,
      next: { say: 'Measure the smallest room it serves.' },
    };
  if (room.detector) {
    const area = room.areaFt2 >= steps.value.minimumAreaFt2;
    const air = room.circulationCfm !== null && room.circulationCfm >= steps.value.minimumCfm;
    return {
      ...base,
      verdict: !area ? 'stop' : air ? 'good' : 'not-proven',
      claim: !area
        ? `${room.areaFt2.toFixed(0)} ft² served; ${steps.value.minimumAreaFt2.toFixed(0)} are needed with a detector.`
        : air
          ? `${room.areaFt2.toFixed(0)} ft² and ${room.circulationCfm!.toFixed(0)} CFM: enough with its detector.`
          : `The detector must bring ${steps.value.minimumCfm.toFixed(0)} CFM.`,
      because,
      ...(area && air
        ? {}
        : {
            next: {
              say: area
                ? 'Prove the blower’s flow on a detector trip.'
                : 'Take less charge, serve more area, or ask the maker.',
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
      ? `The room takes ${limit.value.limitLb.toFixed(1)} lb.`
      : `The room takes ${limit.value.limitLb.toFixed(1)} lb without a detector; ${chargeLb.toFixed(1)} lb are planned.`,
    because,
    ...(limit.value.allowed
      ? {}
      : { next: { say: 'Fit the maker’s detector, serve a larger room, or take less charge.' } }),
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
      ? `The maker’s table allows ${limitLb.toFixed(1)} lb in this room.`
      : `The maker’s table allows ${limitLb.toFixed(1)} lb in this room; ${chargeLb.toFixed(1)} lb are planned.`,
    because: 'It takes altitude, leak class and the unit’s own measures into account.',
    source: 'the maker’s table, as typed',
    ...(allowed ? {} : { next: { say: 'Serve a larger room, take less charge, or ask the maker.' } }),
    miss: chargeLb / limitLb,
  };
}
