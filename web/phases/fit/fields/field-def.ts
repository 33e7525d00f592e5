import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

export type FieldDef = { path: string; label: string } & (
  | { kind: 'number'; unit: string; nullable?: boolean }
  | { kind: 'yes-no' }
  | { kind: 'choice'; options: readonly (readonly [string, string])[] }
  | { kind: 'text' }
);
export type Section = {
  title: string;
  fields: FieldDef[] /** Shown only while this part of the record exists. */;
  when?: string /** What the part starts as when it is switched on. */;
  start?: unknown;
};

/** Columns of the lists: branches, returns, obstacles, gates. */
export type ListDef = {
  path: string;
  /** Shown only while this part of the record exists. */
  within?: string;
  title: string;
  add: string;
  start: (id: string) => Record<string, unknown>;
  fields: FieldDef[];
};

export const n = (path: string, label: string, unit = 'in', nullable = false): FieldDef => ({
  kind: 'number',
  path,
  label,
  unit,
  nullable,
});
export const yes = (path: string, label: string): FieldDef => ({ kind: 'yes-no', path, label });
export const one = (path: string, label: string, ...options: (readonly [string, string] | string)[]): FieldDef => ({
  kind: 'choice',
  path,
  label,
  options: options.map((o) => (typeof o === 'string' ? [o, say(value(o))] : o)),
});
export const rect = (path: string, name: string): FieldDef[] => [
  n(`${path}.x0`, t('web.left-edge', { name })),
  n(`${path}.x1`, t('web.right-edge', { name })),
  n(`${path}.y0`, t('web.near-edge', { name })),
  n(`${path}.y1`, t('web.far-edge', { name })),
];
