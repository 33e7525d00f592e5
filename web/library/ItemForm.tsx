import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { libraryFields } from '@/core/equipment/library-form';
import {
  EQUIPMENT_KIND_WORDS,
  type EquipmentKind,
  type LibraryFields,
  type LibraryItem,
} from '@/core/equipment/library-item';
import { formOf } from '@/core/form/field';
import { post } from '@/web/api/http';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { say } from '@/web/words/say';
import { BookPage } from './BookPage';

type Props = {
  personId: string;
  kind: EquipmentKind;
  /** The one that is put right; none where one is added. */
  item: LibraryItem | undefined;
  onKept: () => Promise<void>;
  onClose: () => void;
};

const fieldsOf = ({ id: _, version: _v, ...fields }: LibraryItem): LibraryFields => fields;

/** One piece of equipment, typed: what its kind has, with the limits of the library. */
export function ItemForm({ personId, kind, item, onKept, onClose }: Props) {
  const form = useMemo(() => formOf(libraryFields(kind)), [kind]);
  return (
    <FieldSheet
      title={say(EQUIPMENT_KIND_WORDS[kind])}
      form={form}
      known={item ? fieldsOf(item) : { kind }}
      draft={`${personId}-library-${item ? `${item.id}-${item.version}` : kind}`}
      testId="library-form"
      send={async (fields) => {
        await post('/library/items', {
          items: [{ id: item?.id ?? uuid(), fields, ...(item ? { version: item.version } : {}) }],
        });
        await onKept();
      }}
      onClose={onClose}
      {...(item ? { below: () => <BookPage itemId={item.id} onChanged={onKept} /> } : {})}
    />
  );
}
