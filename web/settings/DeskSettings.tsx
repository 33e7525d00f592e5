import { useState } from 'react';
import { checkSettings, DESK_SETTINGS } from '@/core/job/settings';
import { DESK_FIELD_IDS, DESK_FIELDS, type DeskField, deskTemplate } from '@/core/phases/hand-over/desk-fields';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  settings: Record<string, string | number>;
  may: boolean;
  onSave: (change: Record<string, string>) => void;
};
const textOf = (stored: string | number | undefined): string => (stored === undefined ? '' : String(stored));

/** What stands on the sheet for a maker's warranty desk: which fields, in which order, and the company's own lines. */
export function DeskSettings({ settings, may, onSave }: Props) {
  const stored = deskTemplate(textOf(settings[DESK_SETTINGS.fields]), undefined).fields;
  const [fields, setFields] = useState(stored);
  const [own, setOwn] = useState(textOf(settings[DESK_SETTINGS.own]));
  const change = { [DESK_SETTINGS.fields]: fields.join(' '), [DESK_SETTINGS.own]: own.trim() };
  const refused = checkSettings(change);
  const same = fields.join() === stored.join() && own.trim() === textOf(settings[DESK_SETTINGS.own]);
  const up = (at: number): void =>
    setFields([...fields.slice(0, at - 1), fields[at]!, fields[at - 1]!, ...fields.slice(at + 1)]);
  const left = DESK_FIELD_IDS.filter((f) => !fields.includes(f));
  return (
    <details className="mt-2" data-testid="desk-settings">
      <summary className="touch cursor-pointer py-2 font-[620]">{t('web.sheet-for-the-warranty-desk')}</summary>
      <ol className="max-w-[520px]">
        {fields.map((f, i) => (
          <li key={f} className="flex items-center gap-2 border-b border-rule2">
            <span className="flex-1">{say(DESK_FIELDS[f].label)}</span>
            {may && i > 0 ? (
              <Button tone="quiet" aria-label={t('web.move-up', { field: DESK_FIELDS[f].label })} onClick={() => up(i)}>
                ↑
              </Button>
            ) : null}
            {may && fields.length > 1 ? (
              <Button
                tone="quiet"
                aria-label={t('web.leave-out', { field: DESK_FIELDS[f].label })}
                onClick={() => setFields(fields.filter((x) => x !== f))}
              >
                ×
              </Button>
            ) : null}
          </li>
        ))}
      </ol>
      {may && left.length ? (
        <select
          aria-label={t('web.add-a-field')}
          value=""
          onChange={(e) => setFields([...fields, e.target.value as DeskField])}
          className="touch mt-2 border-[1.5px] border-rule bg-sheet px-2"
        >
          <option value="">{t('web.add-a-field')}</option>
          {left.map((f) => (
            <option key={f} value={f}>
              {say(DESK_FIELDS[f].label)}
            </option>
          ))}
        </select>
      ) : null}
      <label className="mt-2 block max-w-[520px]">
        <span className="block text-[13px] font-[600]">{t('web.lines-of-your-own')}</span>
        <textarea
          rows={3}
          value={own}
          disabled={!may}
          onChange={(e) => setOwn(e.target.value)}
          className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5"
        />
        <span className="block text-[13px] text-ink2">
          {refused ? `${say(refused.message)} ${say(refused.allowed)}` : t('web.name-colon-what-it-says')}
        </span>
      </label>
      {may ? (
        <Button className="mt-2" disabled={refused !== undefined || same} onClick={() => onSave(change)}>
          {t('web.save-the-sheet')}
        </Button>
      ) : null}
    </details>
  );
}
