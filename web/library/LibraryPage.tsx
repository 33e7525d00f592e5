import { useState } from 'react';
import { useNavigate } from 'react-router';
import { EQUIPMENT_KINDS, EQUIPMENT_KINDS_WORDS, type LibraryItem } from '@/core/equipment/library-item';
import { may } from '@/core/job/permissions';
import { useLibrary } from '@/web/api/use-library';
import { useMe } from '@/web/api/use-me';
import { ImportPanel } from '@/web/csv/ImportPanel';
import { Papers } from '@/web/csv/Papers';
import { useImport } from '@/web/csv/use-import';
import { Button } from '@/web/kit/Button';
import { SearchBox } from '@/web/kit/SearchBox';
import { Tab } from '@/web/kit/Tab';
import { useAddress } from '@/web/kit/use-address';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { useKeys } from '@/web/shell/use-keys';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { ItemForm } from './ItemForm';
import { ItemLine } from './ItemLine';
import { LibraryTable } from './LibraryTable';
import { sendLibrary } from './send-library';

const FILES = ['equipment', 'pairs', 'patterns', 'parts'] as const;
/** Lists that come as a file only. */
const TABLES = ['pairs', 'patterns', 'parts'] as const;
const LISTS = [...EQUIPMENT_KINDS, ...TABLES] as const;
const isTable = (kind: string): kind is (typeof TABLES)[number] => (TABLES as readonly string[]).includes(kind);
const TABLE_WORDS = {
  pairs: tell('web.matched-pairs'),
  patterns: tell('web.model-numbers'),
  parts: tell('web.parts-and-prices'),
} as const;

/** The company's equipment: what may be ordered, with the figures that charge, fit, power and scope need. */
export default function LibraryPage() {
  const { me } = useMe();
  const { library, trouble, reload } = useLibrary();
  const [asked, setKind] = useAddress('kind');
  const kind = LISTS.find((k) => k === asked) ?? 'outdoor';
  const [text = '', setText] = useAddress('q');
  const [open, setOpen] = useState<{ item?: LibraryItem }>();
  const navigate = useNavigate();
  const work = useImport(FILES, sendLibrary, () => void reload());
  useKeys({ 'g j': () => navigate('/jobs'), 'g f': () => navigate('/formulas') });
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const match = (s: string): boolean => words.every((w) => s.toLowerCase().includes(w));
  const items =
    library?.items.filter(
      (i) => i.kind === kind && match(`${i.maker} ${i.model} ${i.tons ?? ''} ${i.refrigerant ?? ''}`),
    ) ?? [];
  const pairs = library?.pairs.filter((p) => match(`${p.outdoorModel} ${p.indoorModel} ${p.reference}`)) ?? [];
  const patterns = library?.patterns.filter((p) => match(`${p.part} ${p.pattern} ${p.source}`)) ?? [];
  const parts = library?.parts.filter((p) => match(`${p.code} ${p.name}`)) ?? [];
  const mayEdit = may(me?.role, 'edit-library');

  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 lg:px-7">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-end gap-x-5 gap-y-2">
        <h1 className="text-[26px]">{t('web.equipment-library')}</h1>
        <SearchBox label={t('web.search-equipment')} hint={t('web.maker-model-tons')} text={text} onText={setText} />
        <Papers path={isTable(kind) ? `/library/${kind}` : '/library/equipment'} mayEdit={mayEdit} onFile={work.read} />
        {mayEdit && !isTable(kind) ? (
          <Button tone="primary" onClick={() => setOpen({})}>
            {t('web.type-in-one')}
          </Button>
        ) : null}
      </div>
      <ImportPanel work={work} />
      <div
        role="tablist"
        aria-label={t('web.kind')}
        className="mt-2 flex overflow-x-auto border-b border-rule *:shrink-0"
      >
        {LISTS.map((k) => (
          <Tab
            key={k}
            label={say(isTable(k) ? TABLE_WORDS[k] : EQUIPMENT_KINDS_WORDS[k])}
            on={k === kind}
            onPress={() => setKind(k)}
          />
        ))}
      </div>
      {trouble ? <p className="mt-4 text-oxide">{t('web.library-could-not-be-loaded-trying')}</p> : null}
      {isTable(kind) ? (
        <LibraryTable kind={kind} pairs={pairs} patterns={patterns} parts={parts} />
      ) : (
        <ul className="mt-1">
          {items.map((i) => (
            <ItemLine
              key={i.id}
              item={i}
              paged={!!library?.pages.includes(i.id)}
              onEdit={mayEdit ? () => setOpen({ item: i }) : undefined}
            />
          ))}
        </ul>
      )}
      {library && { pairs, patterns, parts, items }[isTable(kind) ? kind : 'items'].length === 0 ? (
        <p className="mt-6 text-[16px] text-ink2">
          {text ? t('web.nothing-matches-2', { text }) : t('web.none-yet-take-template-fill-it')}
        </p>
      ) : null}
      {open && me && !isTable(kind) ? (
        <ItemForm
          personId={me.id}
          kind={kind}
          item={open.item}
          onKept={async () => void (await reload())}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </div>
  );
}
