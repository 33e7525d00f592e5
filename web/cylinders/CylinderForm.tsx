import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { CYLINDER_FIELDS } from '@/core/circuit/recovery/cylinder-fields';
import { schemaOf } from '@/core/form/field';
import { write } from '@/web/api/outbox/our-outbox';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { t } from '@/web/words/tell';
import type { CylinderRow } from './cylinder-row';

// One that is filled here is retested: the day is asked for; of a supply cylinder it may be open.
const FORM = {
  fields: CYLINDER_FIELDS,
  schema: schemaOf(CYLINDER_FIELDS).refine((c) => c.use !== 'recovery' || Boolean(c.retestOn), {
    // Told with everything else that is missing, not after it.
    when: ({ value }) => typeof value === 'object' && value !== null,
    path: ['retestOn'],
    message: t('web.cylinder-that-is-filled-here-needs'),
  }),
};

type Props = { personId: string; cylinder?: CylinderRow; onClose: () => void; onDone: () => void };

/** What is stamped on a cylinder. Its contents come from its movements only. */
export function CylinderForm({ personId, cylinder, onClose, onDone }: Props) {
  const [id] = useState(cylinder?.id ?? uuid());
  return (
    <FieldSheet
      title={cylinder ? t('web.cylinder', { tag: cylinder.tag }) : t('web.new-cylinder')}
      form={FORM}
      known={cylinder ?? {}}
      draft={`${personId}-cylinder-${cylinder?.id ?? 'new'}`}
      send={(body) => write('PUT', `/cylinders/${id}`, { id, version: cylinder?.version ?? 0, ...body })}
      save={t('web.keep-it')}
      onDone={onDone}
      onClose={onClose}
    />
  );
}
