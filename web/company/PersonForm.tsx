import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { PersonRecord } from '@/contract/company';
import { formOf } from '@/core/form/field';
import { personFields } from '@/core/job/person-form';
import { post, put } from '@/web/api/http';
import type { Me } from '@/web/api/use-me';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

type Props = {
  me: Me;
  person: PersonRecord | undefined;
  onKept: (answer: unknown) => void;
  onInvite: (person: PersonRecord) => void;
  onClose: () => void;
};

/** One person: added, or put right. A new one gets an invitation at once. */
export function PersonForm({ me, person, onKept, onInvite, onClose }: Props) {
  const [id] = useState(() => person?.id ?? uuid());
  // The version that was read when the form was filled: a stale write must be noticed.
  const [version] = useState(person?.version);
  const form = useMemo(() => formOf(personFields()), []);
  return (
    <FieldSheet
      title={say(person ? tell('web.person') : tell('web.add-person'))}
      form={form}
      known={
        person
          ? { ...person, certificateNumber: person.certificateNumber ?? '' }
          : { role: 'lead', certification: 'none' }
      }
      draft={`${me.id}-person-${person?.id ?? 'new'}-${version ?? 0}`}
      testId="person-form"
      send={async (body) => {
        const answer = person
          ? await put<{ people: PersonRecord[] }>(`/company/people/${id}`, { ...body, version })
          : await post<{ people: PersonRecord[] }>('/company/people', { ...body, id });
        onKept(answer);
        const added = person ? undefined : answer.people.find((p) => p.id === id);
        if (added) onInvite(added);
      }}
      save={t('web.save')}
      onClose={onClose}
    />
  );
}
