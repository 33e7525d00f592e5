import { judgeThermostat, type ThermostatSheet } from '@/core/controls/thermostat-sheet';
import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { balancePoint } from '@/core/sizing/balance-point';
import { list } from '@/core/words/said';
import { STAT_FIELDS } from './sheet-fields';
import { COMMON, open, prefixed } from './sheet-parts';
import type { WireSheet, Wiring } from './wiring';
import { tell } from './words';

export const statOf = (b: EntryBody<'thermostat-set'>): ThermostatSheet => ({
  ...b,
  compressorStages: b.compressorStages === '2' ? 2 : 1,
  auxStages: Number(b.auxStages) as 0 | 1 | 2,
});

/** The balance point of the new heat pump, as the selection sheet has it, °F. */
function balanceOf({ fits }: WireSheet): number | undefined {
  const s = fits.selection?.record;
  if (!s?.heatPump || !s.load) return undefined;
  const r = balancePoint({
    capacity47Btuh: s.heatPump.capacity47Btuh,
    capacity17Btuh: s.heatPump.capacity17Btuh,
    heatLossBtuh: s.load.heatLossBtuh,
    designF: s.load.winterDesignF,
    noLoadF: s.heatPump.noLoadF,
    frostDent: s.heatPump.frostDent,
  });
  return r.ok ? r.value.balanceF : undefined;
}

/** Where nobody computed the balance point (house rule), °F. */
const USUAL_BALANCE_F = 35;

/** What the plan asks of the thermostat: a start for its sheet, reasons and all. */
export function statFor(sheet: WireSheet, { spec, body, valveKnown }: Wiring): EntryBody<'thermostat-set'> {
  const fossil = spec.heat === 'furnace' || spec.heat === 'two-stage furnace';
  const balance = balanceOf(sheet);
  return {
    systemType: !spec.heatPump ? 'conventional' : fossil ? 'dual fuel' : 'heat pump',
    valve: spec.heatPump && valveKnown ? body.valve : null,
    compressorStages: spec.stages === 2 ? '2' : '1',
    auxStages: spec.heat === 'none' || !spec.heatPump ? '0' : '1',
    fanInHeat: fossil || !spec.heatPump ? 'equipment' : 'thermostat',
    compressorCyclesPerHour: 3,
    compressorMinOffMin: 5,
    changeover: 'auto',
    deadbandF: 3,
    heatMaxF: 80,
    coolMinF: 68,
    auxLockoutAboveF: spec.heatPump && spec.heat === 'strips' ? Math.ceil(balance ?? USUAL_BALANCE_F) : null,
    compressorLockoutBelowF: spec.heatPump && fossil ? Math.ceil(balance ?? USUAL_BALANCE_F) : null,
    outdoorSensor: spec.heatPump ? 'wired' : 'none',
    sensorMisplaced: false,
  };
}

/** The thermostat's sheet against what it hangs on, and what was read back from the wall against the sheet. */
export function thermostatFindings(sheet: WireSheet, wiring: Wiring): Finding[] {
  const set = latestOf(sheet.systemLog, 'thermostat-set')?.body;
  if (!set) return [open('stat:set', tell('wire.thermostat-has-no-sheet'), tell('wire.write-how-it-is-set'))];
  const { spec, valveKnown } = wiring;
  const judged = judgeThermostat(statOf(set), {
    heatPump: spec.heatPump,
    fossil: spec.heat === 'furnace' || spec.heat === 'two-stage furnace',
    valve: valveKnown ? spec.valve : undefined,
    stages: spec.stages,
    strips: spec.heat === 'strips',
    balanceF: balanceOf(sheet),
  }).map((f) => prefixed('stat', f));
  const read = latestOf(sheet.systemLog, 'thermostat-read')?.body;
  if (!read) return [...judged, open('stat:read', tell('wire.not-read-back'), tell('wire.read-it-back'))];
  const apart = Object.keys(STAT_FIELDS).filter((k) => set[k as keyof typeof set] !== read[k as keyof typeof read]);
  return [
    ...judged,
    {
      id: `${WIRE_FINDING}stat:read`,
      verdict: apart.length ? 'look-again' : 'good',
      claim: apart.length
        ? tell('wire.read-back-differs', {
            fields: list(apart.map((k) => STAT_FIELDS[k as keyof typeof STAT_FIELDS].label)),
          })
        : tell('wire.read-back-agrees'),
      because: tell('wire.a-menu-forgets'),
      source: COMMON,
      ...(apart.length ? { miss: apart.length, next: advise(tell('wire.set-it-and-read-again')) } : {}),
    },
  ];
}
