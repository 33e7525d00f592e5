import { UNIT_STATE_WORDS } from '@/core/circuit/total-charge';
import type { ReportTable } from '@/core/job/report-parts';
import { tell } from '@/core/phases/charge/words';
import type { Snapshot } from '@/core/phases/snapshot';
import { moment, q, value } from '@/core/words/said';
export function chargeTable(s: Snapshot): ReportTable {
  const b = s.charge?.build;
  const trim = s.movements.filter((m) => m.phase === 'start-up').reduce((sum, m) => sum + m.value, 0);
  const weighed = s.movements.filter((m) => m.phase === 'charge').reduce((sum, m) => sum + m.value, 0);
  return {
    title: tell('job.charge'),
    columns: [tell('job.part'), tell('job.amount'), tell('job.from')],
    rows: b
      ? [
          ...b.parts.filter((p) => p.id !== 'held-back').map((p) => [p.label, q(p.oz, 'oz'), p.how]),
          [tell('job.build-up'), q(b.totalOz, 'oz'), q(b.totalOz, 'lbOz')],
          ...(b.heldBackOz
            ? [
                [
                  tell('job.held-back-for-trim'),
                  q(b.heldBackOz, 'oz'),
                  tell('job.trimmed-in-at-start-up', { heldBackBecause: b.heldBackBecause ?? '' }),
                ],
              ]
            : []),
          [tell('job.already-in-unit'), q(b.alreadyInUnitOz, 'oz'), UNIT_STATE_WORDS[s.circuit.plate.unitState]],
          [tell('job.weighed-in'), q(weighed, 'oz'), tell('job.by-scale-see-movements')],
          ...(trim !== 0 ? [[tell('job.trim-at-start-up'), q(trim, 'oz'), tell('job.by-scale')]] : []),
          [
            tell('job.total-in-system'),
            q(b.alreadyInUnitOz + weighed + trim, 'oz'),
            q(b.alreadyInUnitOz + weighed + trim, 'lbOz'),
          ],
        ]
      : [],
  };
}

export function movementTable(s: Snapshot): ReportTable {
  return {
    title: tell('job.refrigerant-movements'),
    columns: [
      tell('job.what'),
      tell('job.amount'),
      tell('job.scale-from-to'),
      tell('job.source'),
      tell('job.who'),
      tell('job.when'),
    ],
    rows: s.movements.map((m) => [
      { 'weigh-in': tell('job.weighed-in'), trim: tell('job.trim-added'), recover: tell('job.recovered') }[m.stage] ??
        m.stage,
      q(m.value, 'oz'),
      m.detail?.startOz !== undefined
        ? tell('job.from-to', { from: q(Number(m.detail.startOz), 'oz'), to: q(Number(m.detail.endOz), 'oz') })
        : '–',
      value(m.source),
      typeof m.detail?.certifiedBy === 'string'
        ? tell('job.person-under', { person: m.person, certified: m.detail.certifiedBy })
        : m.person,
      moment(m.occurredAt),
    ]),
  };
}
