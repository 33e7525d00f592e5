import { Trash2 } from 'lucide-react';
import type { CSSProperties } from 'react';
import { assumedPaths, type FitKind } from '@/core/fit/sheets';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { NumberCell } from '@/web/kit/NumberCell';
import { TextCell } from '@/web/kit/TextCell';
import { t } from '@/web/words/tell';
import { FIT_FIELDS, FIT_LISTS } from './fields/all-fields';
import type { FieldDef, ListDef } from './fields/field-def';
import { STAGE_FIELDS, STAGE_STARTS } from './fields/route';
import { valueAt } from './record-path';
import type { FitEdit } from './use-fit';

/** The figures of a sheet as typed numbers: the precise way beside the drawing. A dashed edge: nobody measured it. */
export function FitFields({ kind, edit, disabled }: { kind: FitKind; edit: FitEdit; disabled: boolean }) {
  const assumed = new Set(assumedPaths({ kind, record: edit.record, measured: [...edit.measured] }));
  return (
    <div className="mt-4 grid gap-4">
      {kind === 'route' ? <StageList edit={edit} disabled={disabled} /> : null}
      {FIT_LISTS[kind]?.map((list) => (
        <ListEditor key={list.path} list={list} edit={edit} disabled={disabled} />
      ))}
      {FIT_FIELDS[kind].map((section) => {
        const there = section.when === undefined || (valueAt(edit.record, section.when) ?? null) !== null;
        return (
          <fieldset key={section.title}>
            <legend className="flex w-full items-center gap-3 border-b-[1.5px] border-ink pb-0.5 text-[15px] font-[680]">
              {section.title}
              {section.when ? (
                <button
                  type="button"
                  disabled={disabled}
                  className="touch ml-auto cursor-pointer px-2 text-[13px] font-[600] text-copper underline underline-offset-4"
                  onClick={() => edit.put(section.when!, there ? null : section.start)}
                >
                  {there ? t('web.take-it-out') : t('web.add')}
                </button>
              ) : null}
            </legend>
            {there ? (
              <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3 xl:grid-cols-4">
                {section.fields.map((f) => (
                  <OneField
                    key={f.path}
                    field={f}
                    path={f.path}
                    edit={edit}
                    assumed={assumed.has(f.path)}
                    disabled={disabled}
                  />
                ))}
              </div>
            ) : null}
          </fieldset>
        );
      })}
    </div>
  );
}

function OneField({
  field,
  path,
  edit,
  assumed,
  disabled,
}: {
  field: FieldDef;
  path: string;
  edit: FitEdit;
  assumed: boolean;
  disabled: boolean;
}) {
  const value = valueAt(edit.record, path);
  switch (field.kind) {
    case 'number':
      return (
        <NumberCell
          label={field.label}
          unit={field.unit}
          nullable={field.nullable}
          value={(value ?? null) as number | null}
          assumed={assumed}
          disabled={disabled}
          onCommit={(v) => edit.put(path, v)}
        />
      );
    case 'yes-no':
      return (
        <Choice
          label={field.label}
          value={value ? 'yes' : 'no'}
          options={[
            { value: 'yes', label: t('web.yes') },
            { value: 'no', label: t('web.no') },
          ]}
          onChange={(v) => !disabled && void edit.put(path, v === 'yes')}
        />
      );
    case 'choice':
      return (
        <div className="col-span-2">
          <Choice
            label={field.label}
            value={String(value)}
            options={field.options.map(([v, label]) => ({ value: v, label }))}
            onChange={(v) => !disabled && void edit.put(path, v)}
          />
        </div>
      );
    default:
      return (
        <TextCell label={field.label} value={String(value ?? '')} required onCommit={(v) => void edit.put(path, v)} />
      );
  }
}

const newId = (): string => `n${Date.now().toString(36)}`;

function ListEditor({ list, edit, disabled }: { list: ListDef; edit: FitEdit; disabled: boolean }) {
  // A list that came later is not there on an older record.
  const rows = (valueAt(edit.record, list.path) ?? []) as { id: string }[];
  if (list.within && (valueAt(edit.record, list.within) ?? null) === null) return null;
  return (
    <fieldset>
      <legend className="w-full border-b-[1.5px] border-ink pb-0.5 text-[15px] font-[680]">{list.title}</legend>
      {rows.map((row, i) => (
        <div
          key={row.id}
          style={{ '--cols': `repeat(${list.fields.length}, minmax(0, 1fr)) 48px` } as CSSProperties}
          className="grid grid-cols-2 gap-x-3 gap-y-1.5 border-b border-rule py-2 sm:[grid-template-columns:var(--cols)]"
        >
          {list.fields.map((f) => (
            <OneCell key={f.path} field={f} path={`${list.path}.${i}.${f.path}`} edit={edit} disabled={disabled} />
          ))}
          <Remove
            label={t('web.remove', { i: i + 1 })}
            disabled={disabled}
            onClick={() =>
              edit.put(
                list.path,
                rows.filter((r) => r.id !== row.id),
              )
            }
          />
        </div>
      ))}
      <Button className="mt-2" disabled={disabled} onClick={() => edit.put(list.path, [...rows, list.start(newId())])}>
        {list.add}
      </Button>
    </fieldset>
  );
}

/** A field inside a row of a list: choices as a select, so that a row stays a row. */
function OneCell({ field, path, edit, disabled }: { field: FieldDef; path: string; edit: FitEdit; disabled: boolean }) {
  if (field.kind !== 'choice' && field.kind !== 'yes-no')
    return <OneField field={field} path={path} edit={edit} assumed={false} disabled={disabled} />;
  const options =
    field.kind === 'choice'
      ? field.options
      : ([
          ['true', t('web.yes')],
          ['false', t('web.no')],
        ] as const);
  const value = String(valueAt(edit.record, path));
  return (
    <label className="block min-w-0">
      <span className="block truncate text-[13px] font-[600]">{field.label}</span>
      <select
        value={value}
        disabled={disabled}
        onChange={(e) => edit.put(path, field.kind === 'yes-no' ? e.target.value === 'true' : e.target.value)}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-1.5 text-[15px] font-[560]"
      >
        {options.map(([v, label]) => (
          <option key={v} value={v}>
            {label}
          </option>
        ))}
      </select>
    </label>
  );
}

function Remove({ label, onClick, disabled }: { label: string; onClick: () => void; disabled: boolean }) {
  return (
    <button
      type="button"
      aria-label={label}
      disabled={disabled}
      onClick={onClick}
      className="touch mt-[19px] grid w-12 cursor-pointer place-items-center justify-self-end text-copper"
    >
      <Trash2 size={20} />
    </button>
  );
}

/** The stages of the way in, in walking order; each kind has its own figures. */
function StageList({ edit, disabled }: { edit: FitEdit; disabled: boolean }) {
  const stages = valueAt(edit.record, 'stages') as { id: string; kind: keyof typeof STAGE_FIELDS; label: string }[];
  const add = (kind: keyof typeof STAGE_STARTS) => edit.put('stages', [...stages, STAGE_STARTS[kind](newId())]);
  return (
    <fieldset>
      <legend className="w-full border-b-[1.5px] border-ink pb-0.5 text-[15px] font-[680]">
        {t('web.narrow-places-in-walking-order')}
      </legend>
      {stages.map((stage, i) => (
        <div
          key={stage.id}
          className="grid grid-cols-2 gap-x-3 gap-y-1.5 border-b border-rule py-2 sm:grid-cols-[1.4fr_repeat(4,minmax(0,1fr))_48px]"
        >
          <TextCell
            label={`${i + 1}`}
            value={stage.label}
            required
            most={60}
            onCommit={(v) => edit.put(`stages.${i}.label`, v)}
          />
          {STAGE_FIELDS[stage.kind].map((f) => (
            <OneField
              key={f.path}
              field={f}
              path={`stages.${i}.${f.path}`}
              edit={edit}
              assumed={false}
              disabled={disabled}
            />
          ))}
          <div className="sm:col-start-6">
            <Remove
              label={t('web.remove-2', { label: stage.label })}
              disabled={disabled}
              onClick={() =>
                edit.put(
                  'stages',
                  stages.filter((s) => s.id !== stage.id),
                )
              }
            />
          </div>
        </div>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={disabled} onClick={() => add('opening')}>
          {t('web.add-gate-or-door')}
        </Button>
        <Button disabled={disabled} onClick={() => add('corner')}>
          {t('web.add-corner')}
        </Button>
        <Button disabled={disabled} onClick={() => add('hatch')}>
          {t('web.add-hatch')}
        </Button>
      </div>
    </fieldset>
  );
}
