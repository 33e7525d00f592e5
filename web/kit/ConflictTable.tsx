import { clock } from '@/core/words/said';
import { t } from '@/web/words/tell';
import { Button } from './Button';
import { Notice } from './Notice';

export type Difference = { label: string; mine: string; stored: string };
type Props = {
  differ: readonly Difference[];
  /** Who saved what is stored now, where that is known. */
  by?: { by: string; at: string };
  onMine: () => void;
  onTheirs: () => void;
};

/** Two people changed the same thing: what each put, side by side, and a choice. */
export function ConflictTable({ differ, by, onMine, onTheirs }: Props) {
  return (
    <div role="alert" className="grid gap-3">
      <Notice kind="look-again">
        <b>{t('web.someone-changed-this-after-you-read')}</b>{' '}
        {by ? t('web.by-at', { by: by.by, at: clock(by.at) }) : null}
        <table className="mt-2">
          <thead>
            <tr className="text-left text-[12.5px] text-ink2">
              <th className="pr-6 font-[550]">{t('web.field')}</th>
              <th className="pr-6 font-[550]">{t('web.yours')}</th>
              <th className="font-[550]">{t('web.stored-now')}</th>
            </tr>
          </thead>
          <tbody>
            {differ.map((d) => (
              <tr key={d.label}>
                <td className="pr-6">{d.label}</td>
                <td className="pr-6 font-[640]">{d.mine}</td>
                <td className="font-[640]">{d.stored}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Notice>
      <div className="flex flex-wrap gap-3">
        <Button tone="primary" onClick={onMine}>
          {t('web.save-mine-over-it')}
        </Button>
        <Button onClick={onTheirs}>{t('web.take-stored-one')}</Button>
      </div>
    </div>
  );
}
