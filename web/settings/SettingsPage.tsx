import useSWR from 'swr';
import { CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { transitionRules } from '@/core/circuit/transition-rules';
import { may } from '@/core/job/permissions';
import { TOLERANCES } from '@/core/job/settings';
import { SCOPE_FIGURES, SCOPE_SCHOOLS, scopeSchools } from '@/core/scope/schools';
import { type ApiProblem, get } from '@/web/api/http';
import { write } from '@/web/api/outbox/our-outbox';
import { useMe } from '@/web/api/use-me';
import { BringJob } from '@/web/company/BringJob';
import { CompanyHead } from '@/web/company/CompanyHead';
import { Customers } from '@/web/company/Customers';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { t } from '@/web/words/tell';
import { DeskSettings } from './DeskSettings';
import { Figure } from './Figure';
import { OfferSettings } from './OfferSettings';
import { PaperSettings } from './PaperSettings';
import { PriceList } from './PriceList';
import { RuleRow } from './RuleRow';
import { School } from './School';

type Stored = { settings: Record<string, string | number>; version: number };

/** Where good practitioners differ, the company picks: default and reason stand beside each choice. */
export default function SettingsPage() {
  const { me } = useMe();
  const { data, mutate } = useSWR<Stored, ApiProblem>('/settings', get);
  const { problem, act } = useAct();
  const mayEdit = may(me?.role, 'edit-settings');
  const save = (change: Record<string, string | number>): Promise<boolean> =>
    act(async () => {
      if (!data) return;
      await write('PUT', '/settings', { version: data.version, settings: { ...data.settings, ...change } });
      await mutate();
    });
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-10 lg:px-7">
      <PlaceHead />
      {me ? <CompanyHead me={me} /> : null}
      {me ? <Customers mayEdit={may(me.role, 'keep-company')} /> : null}
      {may(me?.role, 'bring-job') ? <BringJob /> : null}
      <h2 className="mt-5 text-[21px]">{t('web.schools-and-settings')}</h2>
      <p className="mt-1 max-w-[60ch] text-ink2">
        {t('web.good-practitioners-differ-in-these-what', {
          mayEdit: mayEdit ? '' : t('web.owner-or-office-changes-them'),
        })}
      </p>
      <Trouble problem={problem} />
      {data ? (
        <>
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">{t('web.scope')}</h2>
          {SCOPE_SCHOOLS.map((s) => (
            <School key={s.id} school={s} stored={data.settings[s.id]} may={mayEdit} onSave={save} />
          ))}
          {SCOPE_FIGURES.map((f) => (
            <Figure key={f.id} figure={f} sign="" stored={data.settings[f.id]} may={mayEdit} onSave={save} />
          ))}
          <PriceList
            prices={scopeSchools(data.settings)}
            currency={scopeSchools(data.settings).currency}
            may={mayEdit}
            onSave={save}
          />
          <PaperSettings stored={data.settings.pageAddress} may={mayEdit} onSave={save} />
          <DeskSettings settings={data.settings} may={mayEdit} onSave={save} />
          <OfferSettings settings={data.settings} may={mayEdit} onSave={save} />
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">{t('web.refrigerant-circuit')}</h2>
          {CIRCUIT_SCHOOLS.map((s) => (
            <School key={s.id} school={s} stored={data.settings[s.id]} may={mayEdit} onSave={save} />
          ))}
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">
            {t('web.rules-of-refrigerant-transition')}
          </h2>
          <p className="mt-1 max-w-[70ch] text-[13.5px] text-ink2">{t('web.in-general-terms-and-from-memory')}</p>
          {transitionRules(data.settings).map((r) => (
            <RuleRow key={r.id} rule={r} may={mayEdit} onSave={save} />
          ))}
          <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">{t('web.start-up')}</h2>
          {TOLERANCES.map((t) => (
            <Figure key={t.id} figure={t} sign="± " stored={data.settings[t.id]} may={mayEdit} onSave={save} />
          ))}
        </>
      ) : null}
    </div>
  );
}
