import { useCallback, useEffect, useRef, useState } from 'react';
import { refusalFromZod } from '@/core/finding/outcome';
import {
  FIT_SCHEMAS,
  type FitKind,
  type FitRecord,
  type FitRecords,
  type FitSheet,
  figurePaths,
} from '@/core/fit/sheets';
import { scopeInputOf } from '@/core/phases/scope/view';
import { startFit } from '@/core/scope/fit-start';
import type { ApiProblem } from '@/web/api/http';
import { dropKept, readKept, writeKept } from '@/web/kit/use-kept';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { type FitDraft, resumed, sameRecord } from './fit-draft';
import { withValue } from './record-path';

type Local = { record: FitRecord; measured: string[] };
export type FitEdit<K extends FitKind = FitKind> = {
  record: FitRecords[K];
  measured: readonly string[];
  stored: boolean;
  saving: 'no' | 'waits' | 'sends';
  problem: ApiProblem | undefined;
  conflict: FitSheet | undefined;
  /** Puts a value; returns why it cannot be used, or undefined. */
  put: (path: string, value: unknown) => string | undefined;
  /** Several at once, as a drag does. */
  putAll: (values: Record<string, unknown>) => string | undefined;
  takeStored: () => void;
  keepMine: () => void;
};

const SAVE_AFTER_MS = 500;

/** One fit sheet being edited: every change is checked at once, kept on screen, and saved a moment later. */
export function useFit(view: JobView, kind: FitKind): FitEdit {
  const { sheet, actions } = view;
  const stored = sheet.fits[kind];
  const key = `${view.me.id}-fit-${sheet.job.id}-${kind}`;
  // An edit left in the moment of saving, by a reload or a dead battery: it goes on, or both sides are shown.
  const [left] = useState(() => {
    const draft = readKept<FitDraft>(key);
    const what = resumed(draft, stored);
    if (what === 'none') dropKept(key);
    return what === 'none' || !draft ? undefined : { draft, what };
  });
  const [local, setLocal] = useState<Local>(() => left?.draft ?? stored ?? startOf(view, kind));
  const [saving, setSaving] = useState<FitEdit['saving']>('no');
  const [problem, setProblem] = useState<ApiProblem>();
  const [conflict, setConflict] = useState<FitSheet | undefined>(left?.what === 'conflict' ? stored : undefined);
  const latest = useRef(local);
  const version = useRef(stored?.version ?? 0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const dirty = useRef(false);
  const sending = useRef<FitRecord>(undefined);

  // Someone else's change, while nothing of mine waits, is simply taken.
  useEffect(() => {
    if (!stored || dirty.current || sending.current || stored.version <= version.current) return;
    version.current = stored.version;
    latest.current = stored;
    setLocal(stored);
  }, [stored]);

  const save = useCallback(async (): Promise<void> => {
    if (sending.current || !dirty.current) return;
    sending.current = latest.current.record;
    dirty.current = false;
    setSaving('sends');
    try {
      const answer = await actions.replace(`/jobs/${sheet.job.id}/fits/${kind}`, {
        version: version.current,
        record: latest.current.record,
        measured: latest.current.measured,
      });
      version.current = answer.fits[kind]?.version ?? version.current;
      if (dirty.current) writeKept(key, { ...latest.current, version: version.current });
      else dropKept(key);
      setProblem(undefined);
    } catch (error) {
      const p = error as ApiProblem;
      const theirs = p.code === 'stale-version' ? (p.stored as FitSheet | undefined) : undefined;
      if (theirs && sameRecord(theirs.record, latest.current.record)) {
        // The save of a page that was closed had arrived.
        version.current = theirs.version;
        dropKept(key);
        return;
      }
      if (theirs) setConflict(theirs);
      setProblem(p);
    } finally {
      sending.current = undefined;
      setSaving('no');
    }
    if (dirty.current) timer.current = setTimeout(() => void save(), 2000);
  }, [actions, kind, key, sheet.job.id]);

  // A page that is closed or reloaded puts what still waits on the device.
  useEffect(() => {
    const leave = (): void => void save();
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, [save]);

  // Leaving the page inside the application sends it as well.
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void save();
    },
    [save],
  );

  const keep = useCallback(
    (next: Local): void => {
      latest.current = next;
      setLocal(next);
      dirty.current = true;
      setSaving('waits');
      writeKept(key, { ...next, version: version.current, under: sending.current });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void save(), SAVE_AFTER_MS);
    },
    [save, key],
  );

  useEffect(() => {
    if (left?.what === 'goes-on') keep(left.draft);
  }, [left, keep]);

  const putAll = useCallback(
    (values: Record<string, unknown>): string | undefined => {
      let record = latest.current.record;
      for (const [path, value] of Object.entries(values)) record = withValue(record, path, value);
      const checked = FIT_SCHEMAS[kind].safeParse(record);
      if (!checked.success) {
        const refused = refusalFromZod(FIT_SCHEMAS[kind], checked.error, record);
        return t('web.allowed-5', {
          x: say(refused.message)
            .replace(/^[\w.]+:\s*/, '')
            .replace(/^./, (c) => c.toUpperCase()),
          allowed: refused.allowed,
        });
      }
      const typed = Object.entries(values).flatMap(([path, value]) =>
        typeof value === 'number' ? [path] : figurePaths(kind, value, `${path}.`),
      );
      keep({ record: checked.data, measured: [...new Set([...latest.current.measured, ...typed])] });
      return undefined;
    },
    [keep, kind],
  );

  return {
    record: local.record as FitRecords[FitKind],
    measured: local.measured,
    stored: stored !== undefined,
    saving,
    problem,
    conflict,
    put: (path, value) => putAll({ [path]: value }),
    putAll,
    takeStored: () => {
      if (!conflict) return;
      dropKept(key);
      version.current = conflict.version;
      latest.current = conflict;
      setLocal(conflict);
      setConflict(undefined);
      setProblem(undefined);
    },
    keepMine: () => {
      if (!conflict) return;
      version.current = conflict.version;
      setConflict(undefined);
      setProblem(undefined);
      keep(latest.current);
    },
  };
}

function startOf(view: JobView, kind: FitKind): Local {
  return startFit(kind, scopeInputOf(view.sheet));
}
