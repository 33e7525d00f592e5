import { useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { CATALOG } from '@/core/catalog';
import { CALCULATIONS_ES } from '@/core/catalog.es';
import { fieldsOf } from '@/core/finding/schema-fields';
import { readerNow, say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** Every calculation of the product: what it says, its formula, its source, what it does not cover, a worked example. */
export default function FormulasPage() {
  const { hash } = useLocation();
  const spanish = readerNow().language === 'es';
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-12 lg:px-7">
      <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2.5">
        <Link to="/jobs" className="touch inline-flex items-center text-copper underline underline-offset-4 lg:hidden">
          {t('web.jobs')}
        </Link>
        <h1 className="text-[23px]">{t('web.formulas-and-sources')}</h1>
        <span className="ml-auto text-ink2">{t('web.calculations', { count: CATALOG.length })}</span>
      </header>
      {CATALOG.map(({ spec }) => ({ spec, prose: (spanish && CALCULATIONS_ES[spec.id]) || spec })).map(
        ({ spec, prose }) => (
          <section key={spec.id} id={spec.id} className="border-b border-rule py-5 target:bg-sheet">
            <h2 className="text-[19px]">{prose.title}</h2>
            <p className="mt-1 max-w-[70ch]">{prose.what}</p>
            <dl className="mt-3 grid grid-cols-[92px_minmax(0,1fr)] gap-x-4 gap-y-1.5 text-[14.5px] wrap-anywhere sm:grid-cols-[120px_minmax(0,1fr)]">
              <dt className="text-ink2">{t('web.formula')}</dt>
              <dd className="font-[600]">{prose.formula}</dd>
              <dt className="text-ink2">{t('web.takes')}</dt>
              <dd>
                {fieldsOf(spec.input).map((f) => (
                  <span key={f.name} className="mr-4 inline-block">
                    <b className="font-[600]">{f.name}</b>{' '}
                    <span className="text-ink2">
                      {say(f.allowed)}
                      {f.optional ? t('web.optional') : ''}
                    </span>
                  </span>
                ))}
              </dd>
              <dt className="text-ink2">{t('web.source')}</dt>
              <dd>{prose.source}</dd>
              <dt className="text-ink2">{t('web.not-covered')}</dt>
              <dd>{prose.notCovered}</dd>
              <dt className="text-ink2">{t('web.example')}</dt>
              <dd className="font-mono text-[13px] wrap-anywhere">
                {spec.id} {JSON.stringify(spec.example.input)} → {JSON.stringify(spec.example.expected)}
              </dd>
            </dl>
          </section>
        ),
      )}
      <a
        href="/third-party-notices.txt"
        target="_blank"
        rel="noreferrer"
        className="touch inline-flex items-center text-copper underline underline-offset-4"
      >
        {t('web.third-party-notices')}
      </a>
    </div>
  );
}
