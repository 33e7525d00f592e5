import { tell } from '@/core/phases/log/words';
import { type Amount, q, type Said, typed, value } from '@/core/words/said';
import type { CircuitEntry } from './circuit-log';
import type { EntryKind } from './entry-bodies';

/** What each kind of entry is called in the log and on its form. */
export const ENTRY_TITLES: Record<EntryKind, Said> = {
  'old-charge': tell('log.old-charge'),
  'removal-facts': tell('log.what-works-on-old-unit'),
  method: tell('log.way-of-recovery'),
  'pump-down': tell('log.pump-down-stopped'),
  rebound: tell('log.rebound'),
  'dead-proof': tell('log.proof-of-dead'),
  level: tell('log.recovery-level'),
  'leak-exception': tell('log.opened-for-leak'),
  recovered: tell('log.recovered'),
  'held-in-unit': tell('log.left-in-old-unit'),
  'line-run': tell('log.line-set'),
  joint: tell('log.joint'),
  'coil-hiss': tell('log.new-coils-seal'),
  drier: tell('log.drier'),
  'expansion-open': tell('log.expansion-valve'),
  'nitrogen-cylinder': tell('log.nitrogen-cylinder'),
  'fire-watch': tell('log.fire-watch'),
  'test-plan': tell('log.test-plan'),
  'stage-listen': tell('log.stage'),
  'hold-start': tell('log.hold-started'),
  'hold-look': tell('log.look-during-hold'),
  'hold-end': tell('log.hold-ended'),
  bubble: tell('log.bubble-check'),
  released: tell('log.nitrogen-released'),
  'pump-setup': tell('log.pump-set-up'),
  'blank-off': tell('log.blank-off'),
  'oil-change': tell('log.oil-change'),
  microns: tell('log.vacuum-read'),
  sweep: tell('log.nitrogen-sweep'),
  isolated: tell('log.valved-off'),
  standing: tell('log.standing-test'),
  'vacuum-broken': tell('log.vacuum-broken'),
  'cylinder-used': tell('log.cylinder'),
  'scale-drift': tell('log.scale-at-rest'),
  'hose-loss': tell('log.hose'),
  paused: tell('log.weighing-paused'),
  resumed: tell('log.weighing-resumed'),
  room: tell('log.room'),
  label: tell('log.label'),
  'suction-drier-visit': tell('log.suction-drier'),
  'moisture-indicator': tell('log.moisture-indicator'),
  'liquid-drier-drop': tell('log.liquid-drier'),
  withdrawn: tell('log.withdrawn'),
};

const psig = (v: number): Amount => q(v, 'psig', v % 1 === 0 ? 0 : 1);
const um = (v: number): Amount => q(v, 'microns');

const METHODS = {
  'pump-down': tell('log.pump-down'),
  machine: tell('log.recovery-machine'),
  nothing: tell('log.nothing-to-recover'),
} as const;

const withReason = (what: Said, reason: string | null | undefined): Said =>
  reason ? tell('log.with-reason', { what, reason }) : what;

const unknowns = (body: object): number =>
  Object.entries(body).filter(([k, v]) => k !== 'compressorKind' && v === 'unknown').length;

/** One entry in a line, for the log and the report. */
export function entryWords(e: CircuitEntry): Said {
  switch (e.kind) {
    case 'old-charge':
      return tell('log.on-plate', {
        refrigerant: e.body.refrigerant,
        factoryOz: e.body.factoryOz === null ? tell('log.plate-unreadable') : q(e.body.factoryOz, 'lbOz'),
      });
    case 'removal-facts':
      return unknowns(e.body) ? tell('log.not-known', { count: unknowns(e.body) }) : tell('log.all-known');
    case 'method':
      return withReason(METHODS[e.body.method], e.body.reason);
    case 'pump-down':
      return tell('log.at-after', { stopPsig: psig(e.body.stopPsig), ranMin: q(e.body.ranMin, 'min') });
    case 'rebound':
      return tell('log.in', {
        stopPsig: psig(e.body.stopPsig),
        afterPsig: psig(e.body.afterPsig),
        minutes: q(e.body.minutes, 'min'),
      });
    case 'dead-proof':
      return tell('log.tester', {
        lineToLineV: e.body.lineToLineV,
        lineToGroundV: e.body.lineToGroundV,
        otherToGroundV: q(e.body.otherToGroundV, 'V', 'as is'),
        secondLineToLineV:
          typeof e.body.secondLineToLineV === 'number'
            ? tell('log.second-feed-v', {
                secondLineToLineV: e.body.secondLineToLineV,
                secondLineToGroundV: e.body.secondLineToGroundV ?? '–',
                secondOtherToGroundV: e.body.secondOtherToGroundV ?? '–',
              })
            : '',
        liveBefore:
          e.body.liveBefore && e.body.liveAfter ? tell('log.proven-before-and-after') : tell('log.not-proven'),
        lockedOut: e.body.lockedOut ? tell('log.locked-out') : tell('log.not-locked-out'),
      });
    case 'level':
      return tell('log.after', {
        reachedPsig: psig(e.body.reachedPsig),
        afterPsig: psig(e.body.afterPsig),
        waitMin: q(e.body.waitMin, 'min'),
      });
    case 'leak-exception':
      return tell('log.with-reason', { what: psig(e.body.psig), reason: e.body.reason });
    case 'recovered':
      return tell(e.body.oily ? 'log.amount-oily' : 'log.amount', {
        amount: q(e.body.endGrossOz - e.body.startGrossOz, 'lbOz'),
      });
    case 'held-in-unit':
      return e.body.oz === null ? tell('log.amount-not-known') : tell('log.amount', { amount: q(e.body.oz, 'lbOz') });
    case 'line-run':
      return tell('log.and', {
        liquidOdIn: q(e.body.liquidOdIn, 'od'),
        vaporOdIn: q(e.body.vaporOdIn, 'od'),
        value: q(
          e.body.pieces.reduce((s, p) => s + p.ft, 0),
          'ft',
        ),
        setType: value(e.body.setType),
      });
    case 'joint':
      return tell('log.joint-made', {
        place: e.body.place,
        method: value(e.body.method),
        od: q(e.body.odIn, 'od'),
      });
    case 'coil-hiss':
      return value(e.body.hiss === 'yes' ? 'hissed' : e.body.hiss === 'no' ? 'no hiss' : e.body.hiss);
    case 'drier':
      return tell('log.line-t', {
        line: value(e.body.line),
        direction: value(e.body.direction),
        ratedTons: e.body.ratedTons,
      });
    case 'suction-drier-visit':
      return tell('log.across-it-acid', {
        dropPsi: q(e.body.dropPsi, 'psi'),
        acid: value(e.body.acid),
        outcome: value(e.body.outcome),
      });
    case 'moisture-indicator':
      return value(e.body.colour);
    case 'liquid-drier-drop':
      return tell('log.in-out', { inF: q(e.body.inF, 'F'), outF: q(e.body.outF, 'F') });
    case 'expansion-open':
      return value(e.body.how);
    case 'nitrogen-cylinder':
      return tell('log.at', { nominalScf: q(e.body.nominalScf, 'ft3', 'as is'), gaugePsig: psig(e.body.gaugePsig) });
    case 'fire-watch':
      return tell(e.body.extinguisher ? 'log.watched-extinguisher' : 'log.watched', {
        minutes: q(e.body.minutes, 'min'),
      });
    case 'test-plan':
      return tell('log.section-at', { section: value(e.body.section), psig: psig(e.body.targetPsig) });
    case 'stage-listen':
      return tell(e.body.heard ? 'log.stage-heard' : 'log.stage-quiet', { psig: psig(e.body.psig) });
    case 'hold-start':
    case 'hold-look':
    case 'hold-end':
      return tell('log.pipe', { psig: psig(e.body.psig), pipeF: q(e.body.pipeF, 'F') });
    case 'bubble':
      return value(e.body.result);
    case 'released':
      return e.body.outdoors ? tell('log.outdoors-slowly') : tell('log.indoors');
    case 'pump-setup':
      return tell('log.bore', {
        pumpCfm: q(e.body.pumpCfm, 'cfm', 'as is'),
        hoseCount: e.body.hoseCount,
        hoseBoreIn: q(e.body.hoseBoreIn, 'in', 'as is'),
        coresIn: e.body.coresIn ? tell('log.cores-in') : tell('log.cores-out'),
        method: value(e.body.method),
      });
    case 'blank-off':
    case 'microns':
      return tell('log.microns', { microns: um(e.body.microns) });
    case 'isolated':
      return tell('log.at-microns', { microns: um(e.body.microns) });
    case 'oil-change':
      return typed(e.body.why);
    case 'sweep':
      return tell('log.from-to', { fromMicrons: um(e.body.fromMicrons), psig: psig(e.body.psig) });
    case 'standing':
      return tell('log.readings-over', {
        count: e.body.samples.length,
        value: q(e.body.samples.at(-1)?.[0] ?? 0, 'min'),
      });
    case 'vacuum-broken':
      return tell('log.by-to', { by: value(e.body.by), toPsig: psig(e.body.toPsig) });
    case 'cylinder-used':
      return tell('log.leaves-as', { leavesAs: value(e.body.leavesAs) });
    case 'scale-drift':
      return tell('log.in-2', { driftOz: q(e.body.driftOz, 'oz'), minutes: q(e.body.minutes, 'min') });
    case 'paused':
    case 'resumed':
      return tell('log.on-scale', { grossOz: q(e.body.grossOz, 'oz') });
    case 'hose-loss':
      return tell('log.of-bore', {
        lengthIn: q(e.body.lengthIn, 'in', 0),
        boreIn: q(e.body.boreIn, 'in', 'as is'),
        left: e.body.left === 'liquid' ? tell('log.left-full-of-liquid') : tell('log.drawn-into-system'),
        spilledOz: e.body.spilledOz ? tell('log.spilled', { spilledOz: q(e.body.spilledOz, 'oz') }) : '',
      });
    case 'room':
      return tell(e.body.detector ? 'log.room-with-detector' : 'log.room-no-detector', {
        area: q(e.body.areaFt2, 'ft2'),
      });
    case 'label':
      return tell('log.label-at', {
        place: e.body.place,
        valves: e.body.valvesSet ? '' : tell('log.valve-is-not-set-yet'),
        caps: e.body.capsOn ? '' : tell('log.caps-or-seals-are-open'),
      });
    case 'withdrawn':
      return typed(e.body.reason);
  }
}
