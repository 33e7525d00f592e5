import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { latestOf } from '@/core/phases/log/circuit-log';
import { newPieces } from '@/core/phases/scope/view';
import { q, type Said } from '@/core/words/said';
import { COMMON, MAKER, open } from './sheet-parts';
import type { WireSheet } from './wiring';
import { tell } from './words';

/** Airflow that a ton of cooling takes (common practice, the maker's table wins), CFM/ton. */
const CFM_PER_TON = { low: 300, high: 475 } as const;
/** A crankcase heater reads W/V within this share (house rule). */
const HEATER_SHARE = 0.2;

/** Blower and boards: set for this size, air per stage, crankcase heater by its amps, a delay before the compressor. */
export function blowerFindings(sheet: WireSheet): Finding[] {
  const b = latestOf(sheet.systemLog, 'blower-board')?.body;
  if (!b) return [open('blower', tell('wire.blower-is-not-set'), tell('wire.set-the-blower'), MAKER)];
  const { outdoor } = newPieces(sheet);
  const out: Finding[] = [];
  const add = (id: string, good: boolean, claim: Said, because: Said, next: Said, source = MAKER): void => {
    out.push({
      id: `${WIRE_FINDING}blower:${id}`,
      verdict: good ? 'good' : 'look-again',
      claim,
      because,
      source,
      ...(good ? {} : { miss: 1, next: advise(next) }),
    });
  };
  const tons = outdoor?.tons ?? undefined;
  if (tons !== undefined) {
    const said = { set: q(b.setForTons, 'number', 'as is'), tons: q(tons, 'number', 'as is') };
    add(
      'size',
      Math.abs(b.setForTons - tons) < 0.01,
      tell('wire.blower-set-for', said),
      tell('wire.it-ships-set-for-the-largest'),
      tell('wire.set-it-for', said),
    );
    const perTon = b.coolCfm / tons;
    add(
      'air',
      perTon >= CFM_PER_TON.low && perTon <= CFM_PER_TON.high,
      tell('wire.air-per-ton', { perTon: q(perTon, 'number', 0) }),
      tell('wire.between-a-ton', CFM_PER_TON),
      tell('wire.another-tap'),
      COMMON,
    );
  }
  if (b.lowCoolCfm !== null)
    add(
      'low',
      b.lowCoolCfm < b.coolCfm,
      tell('wire.low-stage-air', { cfm: q(b.lowCoolCfm, 'cfm') }),
      tell('wire.low-stage-moves-less'),
      tell('wire.another-tap'),
    );
  if (b.crankcaseW !== null) {
    const want = b.crankcaseV ? b.crankcaseW / b.crankcaseV : undefined;
    if (want === undefined || b.crankcaseA === null)
      out.push(open('blower:crankcase', tell('wire.crankcase-not-measured'), tell('wire.measure-crankcase'), MAKER));
    else
      add(
        'crankcase',
        Math.abs(b.crankcaseA - want) <= HEATER_SHARE * want,
        tell('wire.crankcase-draws', { a: q(b.crankcaseA, 'A', 2), want: q(want, 'A', 2) }),
        tell('wire.watts-over-volts-hours-before-start'),
        tell('wire.mend-crankcase-and-soak'),
      );
  }
  if (newPieces(sheet).outdoor)
    add('delay', b.delay, tell('wire.delay-is'), tell('wire.pressures-meet-first'), tell('wire.set-a-delay'), COMMON);
  return out;
}
