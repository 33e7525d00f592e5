import type { Phase } from './phases';
import type { SheetWith } from './sheet';

/** What no real instrument of the crew gave is marked on every screen and paper: simulated before replayed. */
export type Marked = 'simulated' | 'replayed' | false;

export function markOf(sources: Iterable<string>): Marked {
  const all = new Set(sources);
  return all.has('simulated') ? 'simulated' : all.has('replayed') ? 'replayed' : false;
}

/** Every source that a job's record rests on, of one phase or of the whole job. */
export function sourcesOf(
  sheet: SheetWith<'circuitLog' | 'furnace' | 'measurements' | 'systemLog'>,
  phase?: Phase,
): string[] {
  const own = <T extends { phase: string; source: string }>(list: readonly T[]): string[] =>
    list.filter((x) => phase === undefined || x.phase === phase).map((x) => x.source);
  const fire = sheet.furnace?.simulated && (phase === undefined || phase === 'hand-over') ? ['simulated'] : [];
  return [...own(sheet.measurements), ...own(sheet.circuitLog), ...own(sheet.systemLog), ...fire];
}

/** How a page is marked: by what its phase rests on and by the instruments that run on it now. The hand-over rests on all. */
export const markedOn = (
  sheet: SheetWith<'circuitLog' | 'furnace' | 'measurements' | 'systemLog'>,
  phase: Phase,
  running?: { source: string },
): Marked =>
  markOf([...sourcesOf(sheet, phase === 'hand-over' ? undefined : phase), ...(running ? [running.source] : [])]);
