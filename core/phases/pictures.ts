import type { Phase } from '@/core/job/phases';
import { PHASE_WORDS } from '@/core/job/phases';
import type { ReportTable } from '@/core/job/report-parts';
import { type CircuitEntry, rootOf, standingEntries } from '@/core/phases/log/circuit-log';
import { entryOf, entryWords } from '@/core/phases/log/entries';
import { tell } from '@/core/phases/words';
import { BEFORE_ITEMS, type PhotoMeta } from '@/core/scope/survey/before-dismantling';
import { factOf } from '@/core/scope/survey/facts';
import { type Label, type Said, typed, value } from '@/core/words/said';

/** What a picture of a phase may show; kept as its caption. */
export const PICTURE_KINDS = ['joint', 'plate', 'reading', 'wiring', 'how it stands', 'other'] as const;

/** What a picture belongs to: an entry of the log, by its first record, or a phase of one circuit. */
export const entrySubject = (log: readonly CircuitEntry[], e: CircuitEntry): string => `entry:${rootOf(log, e)}`;
export const phaseSubject = (phase: Phase | 'equipment', circuitId: string): string => `phase:${phase}:${circuitId}`;

type Pictured = {
  photos: readonly PhotoMeta[] | undefined;
  log: readonly CircuitEntry[];
  /** None: of the whole job, from whichever circuit it was taken. */
  circuitId?: string | undefined;
};

const captionOf = ({ caption }: PhotoMeta): Said | undefined =>
  caption === null
    ? undefined
    : (PICTURE_KINDS as readonly string[]).includes(caption)
      ? value(caption)
      : typed(caption);

/** The pictures of one phase of a circuit, each with what it shows: of its entries first, then of the phase itself. */
export function picturesOf(phase: Phase, { photos = [], log, circuitId }: Pictured): ReportTable[] {
  const ofEntries = standingEntries(log)
    .filter((e) => e.phase === phase)
    .flatMap((e) =>
      photos
        .filter((p) => p.subject === entrySubject(log, e))
        .map((p) =>
          pictured(p, tell('phases.picture-of-entry', { title: entryOf(e.kind).title, line: entryWords(e) })),
        ),
    );
  const ofPhase = photos
    .filter((p) =>
      circuitId === undefined
        ? p.subject.startsWith(phaseSubject(phase, ''))
        : p.subject === phaseSubject(phase, circuitId),
    )
    .map((p) => pictured(p, captionOf(p) ?? PHASE_WORDS[phase]));
  return asTable(tell('phases.pictures-of', { phase: PHASE_WORDS[phase] }), [...ofEntries, ...ofPhase]);
}

/** Pictures of the survey: before dismantling, and those that answer a question. */
export function surveyPictures(photos: readonly PhotoMeta[] = []): ReportTable[] {
  const shown = photos.flatMap((p) => {
    const [kind, id] = p.subject.split(':');
    const label: Label | undefined =
      kind === 'before'
        ? BEFORE_ITEMS.find((b) => b.id === id)?.label
        : kind === 'fact'
          ? factOf(id as never)?.label
          : undefined;
    return label ? [pictured(p, label as Said)] : [];
  });
  return asTable(tell('phases.pictures-before-the-work'), shown);
}

const pictured = ({ id, by, at }: PhotoMeta, say: Said) => ({ id, say, by, at });
const asTable = (title: Said, pictures: ReturnType<typeof pictured>[]): ReportTable[] =>
  pictures.length ? [{ title, columns: [], rows: [], pictures }] : [];
