import { circuitName, type EquippedSheet } from '@/core/job/sheet';
import { chargeLabel } from '@/core/phases/charge/charge-record';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { day, type Label, q, type Said } from '@/core/words/said';
import { tell } from './words';

/** What stands on the label of a unit: lines of what and figure, and whom to call. */
export type SystemLabel = { title: Label; lines: [Said, Label][]; foot: Said };

/** The label of one circuit: its charge as it was weighed, never as it was meant to be. */
export function labelOf(sheet: EquippedSheet, company: string): SystemLabel {
  const { plate } = sheet.circuit;
  const build = buildUpOf(sheet);
  const charge = build.ok ? chargeLabel(sheet, build.value) : undefined;
  const signed = sheet.signOffs.findLast((s) => s.phase === 'charge');
  const here = sheet.circuits.find((c) => c.id === sheet.circuit.id);
  return {
    title: here && sheet.circuits.length > 1 ? circuitName(sheet, here) : sheet.system.name,
    lines: [
      [tell('label.unit'), `${plate.maker} ${plate.model}`],
      ...(plate.serial ? ([[tell('label.serial'), plate.serial]] as [Said, Label][]) : []),
      [tell('label.refrigerant'), plate.refrigerant],
      ...(charge
        ? ([
            [tell('label.from-the-maker'), tell('five.plain', { it: q(charge.factoryOz, 'lbOz') })],
            [tell('label.added-here'), tell('five.plain', { it: q(charge.addedOz, 'lbOz') })],
            [tell('label.in-all'), tell('five.plain', { it: q(charge.totalOz, 'lbOz') })],
          ] as [Said, Label][])
        : []),
      [
        tell('label.charged-by'),
        signed
          ? tell('label.by-with-certificate', { by: signed.by, certificate: signed.certificate ?? '–' })
          : tell('label.not-signed'),
      ],
      [
        tell('label.job'),
        tell('label.job-of-day', { number: String(sheet.job.number), day: day(sheet.job.scheduledFor) }),
      ],
    ],
    foot: tell('label.call', { company }),
  };
}
