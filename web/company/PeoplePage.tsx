import { useState } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import type { PersonRecord } from '@/contract/company';
import { may } from '@/core/job/permissions';
import { type ApiProblem, get, post, put } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { t } from '@/web/words/tell';
import { InviteSheet } from './InviteSheet';
import { PersonForm } from './PersonForm';
import { PersonRow } from './PersonRow';

type People = { people: PersonRecord[] };
type Open = { kind: 'form'; person?: PersonRecord } | { kind: 'invited'; person: PersonRecord; path: string };

/** Who works here: what they may do, what they are certified for, and how they get in. */
export default function PeoplePage() {
  const { me } = useMe();
  const mayKeep = may(me?.role, 'keep-people');
  const { data, error, mutate } = useSWR<People, ApiProblem>(mayKeep ? '/company/people' : null, get);
  const [open, setOpen] = useState<Open>();
  const { busy, problem, act } = useAct();
  const keep = (answer: unknown): void => void mutate(answer as People, { revalidate: false });
  const invite = (person: PersonRecord): void =>
    void act(async () => {
      const { path } = await post<{ path: string }>(`/company/people/${person.id}/invitation`);
      setOpen({ kind: 'invited', person, path });
      await mutate();
    });
  const block = (person: PersonRecord): void =>
    void act(async () => {
      keep(await put(`/company/people/${person.id}/blocked`, { version: person.version, blocked: person.active }));
    });
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-24 lg:px-7 lg:pb-10">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <h1 className="text-[26px]">{t('web.people')}</h1>
        <Link to="/settings" className="touch inline-flex items-center text-copper underline underline-offset-4">
          {t('web.schools-and-settings')}
        </Link>
        {mayKeep ? (
          <Button tone="primary" className="ml-auto" onClick={() => setOpen({ kind: 'form' })}>
            {t('web.add-person')}
          </Button>
        ) : null}
      </div>
      {mayKeep ? null : <p className="mt-4 text-ink2">{t('web.owner-and-office-keep-people')}</p>}
      <Trouble problem={problem ?? error} />
      <ul className="mt-4 border-t-[1.5px] border-ink">
        {data?.people.map((p) => (
          <PersonRow
            key={p.id}
            person={p}
            self={p.id === me?.id}
            busy={busy}
            onEdit={() => setOpen({ kind: 'form', person: p })}
            onInvite={() => invite(p)}
            onBlock={() => block(p)}
          />
        ))}
      </ul>
      {open?.kind === 'form' && me ? (
        <PersonForm me={me} person={open.person} onKept={keep} onInvite={invite} onClose={() => setOpen(undefined)} />
      ) : null}
      {open?.kind === 'invited' ? (
        <InviteSheet person={open.person} path={open.path} onClose={() => setOpen(undefined)} />
      ) : null}
    </div>
  );
}
