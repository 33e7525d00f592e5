import type { DecidedItem } from '@/core/scope/scope';
import { t } from '@/web/words/tell';
import { ItemRow } from './ItemRow';

type Props = {
  items: readonly DecidedItem[];
  labour: number;
  /** The item that a link points at. */
  lit: string;
  may: boolean;
  onIn: (item: DecidedItem) => void;
  onOut: (item: DecidedItem) => void;
};

const LEVELS = [
  ['must', t('web.must')],
  ['should', t('web.should')],
  ['could', t('web.could')],
] as const;

/** The items of the scope by what they are: must, should, could. */
export function ItemLists({ items, labour, lit, may, onIn, onOut }: Props) {
  return (
    <>
      {LEVELS.map(([level, words]) => {
        const here = items.filter((i) => i.level === level && !i.own);
        if (here.length === 0) return null;
        return (
          <section key={level} aria-label={words} className="mt-5">
            <h2 className="border-b-[1.5px] border-ink pb-1 text-[16px]">
              {words} <span className="text-[13px] font-[450] text-ink2">{here.length}</span>
            </h2>
            <ul>
              {here.map((item) => (
                <ItemRow
                  key={item.id}
                  item={item}
                  labour={labour}
                  lit={lit === `item-${item.id}`}
                  may={may}
                  onIn={() => onIn(item)}
                  onOut={() => onOut(item)}
                />
              ))}
            </ul>
          </section>
        );
      })}
    </>
  );
}
