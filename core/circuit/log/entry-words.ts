import { odText } from '@/core/circuit/acr-tube';
import { lbOz } from '@/core/circuit/weigh-in';
import { plain } from '@/core/units/format';
import type { CircuitEntry } from './circuit-log';
import type { EntryKind } from './entry-bodies';

/** What each kind of entry is called in the log and on its form. */
export const ENTRY_TITLES: Record<EntryKind, string> = {
  'old-charge': 'Old charge',
  'removal-facts': 'What works on the old unit',
  method: 'Way of recovery',
  'pump-down': 'Pump-down stopped',
  rebound: 'Rebound',
  'dead-proof': 'Proof of dead',
  level: 'Recovery level',
  'leak-exception': 'Opened for a leak',
  recovered: 'Recovered',
  'held-in-unit': 'Left in the old unit',
  'line-run': 'Line set',
  joint: 'Joint',
  'coil-hiss': 'New coil’s seal',
  drier: 'Drier',
  'expansion-open': 'Expansion valve',
  'nitrogen-cylinder': 'Nitrogen cylinder',
  'fire-watch': 'Fire watch',
  'test-plan': 'Test plan',
  'stage-listen': 'Stage',
  'hold-start': 'Hold started',
  'hold-look': 'Look during the hold',
  'hold-end': 'Hold ended',
  bubble: 'Bubble check',
  released: 'Nitrogen released',
  'pump-setup': 'Pump set-up',
  'blank-off': 'Blank-off',
  'oil-change': 'Oil change',
  microns: 'Vacuum read',
  sweep: 'Nitrogen sweep',
  isolated: 'Valved off',
  standing: 'Standing test',
  'vacuum-broken': 'Vacuum broken',
  'cylinder-used': 'Cylinder',
  'scale-drift': 'Scale at rest',
  'hose-loss': 'Hose',
  paused: 'Weighing paused',
  resumed: 'Weighing resumed',
  room: 'Room',
  label: 'Label',
  'suction-drier-visit': 'Suction drier',
  'moisture-indicator': 'Moisture indicator',
  'liquid-drier-drop': 'Liquid drier',
  withdrawn: 'Withdrawn',
};

const psig = (v: number): string => `${plain(v, v % 1 === 0 ? 0 : 1)} psig`;
const um = (v: number): string => `${Math.round(v).toLocaleString('en-US')} µm`;

/** One entry in a line, for the log and the report. */
export function entryWords(e: CircuitEntry): string {
  switch (e.kind) {
    case 'old-charge':
      return `${e.body.refrigerant}, ${e.body.factoryOz === null ? 'plate unreadable' : lbOz(e.body.factoryOz)} on the plate`;
    case 'removal-facts':
      return Object.entries(e.body)
        .filter(([k, v]) => k !== 'compressorKind' && v === 'unknown')
        .length.toFixed(0)
        .replace(/^0$/, 'all known')
        .replace(/^(\d+)$/, '$1 not known');
    case 'method':
      return `${{ 'pump-down': 'pump-down', machine: 'recovery machine', nothing: 'nothing to recover' }[e.body.method]}${e.body.reason ? `: ${e.body.reason}` : ''}`;
    case 'pump-down':
      return `at ${psig(e.body.stopPsig)} after ${e.body.ranMin.toFixed(0)} min`;
    case 'rebound':
      return `${psig(e.body.stopPsig)} → ${psig(e.body.afterPsig)} in ${e.body.minutes.toFixed(0)} min`;
    case 'dead-proof':
      return `${e.body.lineToLineV}, ${e.body.lineToGroundV}, ${e.body.otherToGroundV} V${typeof e.body.secondLineToLineV === 'number' ? `, second feed ${e.body.secondLineToLineV}, ${e.body.secondLineToGroundV ?? '–'}, ${e.body.secondOtherToGroundV ?? '–'} V` : ''}; tester ${e.body.liveBefore && e.body.liveAfter ? 'proven before and after' : 'not proven'}; ${e.body.lockedOut ? 'locked out' : 'not locked out'}`;
    case 'level':
      return `${psig(e.body.reachedPsig)}, ${psig(e.body.afterPsig)} after ${e.body.waitMin.toFixed(0)} min`;
    case 'leak-exception':
      return `${psig(e.body.psig)}: ${e.body.reason}`;
    case 'recovered':
      return `${lbOz(e.body.endGrossOz - e.body.startGrossOz)}${e.body.oily ? ', oily' : ''}`;
    case 'held-in-unit':
      return e.body.oz === null ? 'amount not known' : lbOz(e.body.oz);
    case 'line-run':
      return `${odText(e.body.liquidOdIn)} and ${odText(e.body.vaporOdIn)}, ${e.body.pieces.reduce((s, p) => s + p.ft, 0).toFixed(0)} ft, ${e.body.setType}`;
    case 'joint':
      return `${e.body.place}: ${e.body.method}, ${odText(e.body.odIn)}`;
    case 'coil-hiss':
      return { yes: 'hissed', no: 'no hiss', 'shipped open': 'shipped open' }[e.body.hiss];
    case 'drier':
      return `${e.body.line} line, ${e.body.direction}, ${e.body.ratedTons} t`;
    case 'suction-drier-visit':
      return `${e.body.dropPsi.toFixed(1)} psi across it, acid ${e.body.acid}, ${e.body.outcome}`;
    case 'moisture-indicator':
      return e.body.colour;
    case 'liquid-drier-drop':
      return `${e.body.inF.toFixed(1)} °F in, ${e.body.outF.toFixed(1)} °F out`;
    case 'expansion-open':
      return e.body.how;
    case 'nitrogen-cylinder':
      return `${e.body.nominalScf} ft³ at ${psig(e.body.gaugePsig)}`;
    case 'fire-watch':
      return `${e.body.minutes.toFixed(0)} min${e.body.extinguisher ? ', extinguisher at hand' : ''}`;
    case 'test-plan':
      return `${e.body.section} at ${psig(e.body.targetPsig)}`;
    case 'stage-listen':
      return `${psig(e.body.psig)}: ${e.body.heard ? 'heard something' : 'quiet'}`;
    case 'hold-start':
    case 'hold-look':
    case 'hold-end':
      return `${psig(e.body.psig)}, pipe ${e.body.pipeF.toFixed(1)} °F`;
    case 'bubble':
      return e.body.result;
    case 'released':
      return e.body.outdoors ? 'outdoors, slowly' : 'indoors';
    case 'pump-setup':
      return `${e.body.pumpCfm} CFM, ${e.body.hoseCount} × ${e.body.hoseBoreIn} in bore, ${e.body.coresIn ? 'cores in' : 'cores out'}, ${e.body.method}`;
    case 'blank-off':
    case 'microns':
      return um(e.body.microns);
    case 'isolated':
      return `at ${um(e.body.microns)}`;
    case 'oil-change':
      return e.body.why;
    case 'sweep':
      return `from ${um(e.body.fromMicrons)} to ${psig(e.body.psig)}`;
    case 'standing':
      return `${e.body.samples.length} readings over ${(e.body.samples.at(-1)?.[0] ?? 0).toFixed(0)} min`;
    case 'vacuum-broken':
      return `by the ${e.body.by} to ${psig(e.body.toPsig)}`;
    case 'cylinder-used':
      return `as ${e.body.leavesAs}`;
    case 'scale-drift':
      return `${e.body.driftOz.toFixed(1)} oz in ${e.body.minutes.toFixed(0)} min`;
    case 'paused':
    case 'resumed':
      return `${e.body.grossOz.toFixed(1)} oz on the scale`;
    case 'hose-loss':
      return `${e.body.lengthIn.toFixed(0)} in of ${e.body.boreIn} in bore, ${e.body.left === 'liquid' ? 'left full of liquid' : 'drawn into the system'}${e.body.spilledOz ? `, ${e.body.spilledOz.toFixed(1)} oz spilled` : ''}`;
    case 'room':
      return `${e.body.areaFt2.toFixed(0)} ft², ${e.body.detector ? 'with detector' : 'no detector'}`;
    case 'label':
      return `${e.body.place}${e.body.valvesSet ? '' : '; a valve is not set yet'}${e.body.capsOn ? '' : '; caps or seals are open'}`;
    case 'withdrawn':
      return e.body.reason;
  }
}
