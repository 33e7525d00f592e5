import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { formOf } from '@/core/form/field';
import { ownItemId, ownLineFields, ownLineSubject } from '@/core/scope/own-line';
import type { DecidedItem } from '@/core/scope/scope';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';
import { ItemRow } from './ItemRow';

type Props = {
  view: JobView;
  items: readonly DecidedItem[];
  labour: number;
  lit: string;
  may: boolean;
  onIn: (item: DecidedItem) => void;
  onOut: (item: DecidedItem) => void;
};

/** Work that no rule knows: written in by hand, with its hours, its materials and a picture. */
export function OwnWork({ view, items, labour, lit, may, onIn, onOut }: Props) {
  /** The id of the line that is written: made when its form opens, so that sending twice is one line. */
  const [adding, setAdding] = useState<string>();
  const { sheet, me, actions } = view;
  const form = useMemo(() => formOf(ownLineFields(sheet.scopeSchools.currency)), [sheet.scopeSchools.currency]);
  const own = items.filter((i) => i.own);
  if (own.length === 0 && !may) return null;
  const words = t('web.work-written-in');
  return (
    <section aria-label={words} className="mt-5">
      <h2 className="border-b-[1.5px] border-ink pb-1 text-[16px]">
        {words} <span className="text-[13px] font-[450] text-ink2">{own.length || ''}</span>
      </h2>
      <ul>
        {own.map((item) => {
          const line = sheet.scope.lines.find((l) => ownItemId(l.id) === item.id);
          const subject = ownLineSubject(line?.id ?? '');
          return (
            <ItemRow
              key={item.id}
              item={item}
              labour={labour}
              lit={lit === `item-${item.id}`}
              may={may}
              onIn={() => onIn(item)}
              onOut={() => onOut(item)}
            >
              <span className="mt-1.5 flex items-center gap-2">
                <PhotoButton view={view} subject={subject} label={t('web.picture-of', { label: item.say })} />
                <Thumbs view={view} subject={subject} />
              </span>
            </ItemRow>
          );
        })}
      </ul>
      {may ? (
        <Button className="mt-2.5" onClick={() => setAdding(uuid())}>
          {t('web.write-in-work')}
        </Button>
      ) : null}
      {adding ? (
        <FieldSheet
          title={t('web.work-no-rule-knows')}
          form={form}
          known={{}}
          draft={`${me.id}-${sheet.system.id}-own-line`}
          testId="own-line"
          send={(line) => actions.send(`/jobs/${sheet.job.id}/scope-lines`, { id: adding, ...line })}
          save={t('web.write-in-work')}
          onClose={() => setAdding(undefined)}
        />
      ) : null}
    </section>
  );
}
