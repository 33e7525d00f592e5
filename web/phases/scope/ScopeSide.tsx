import { Link } from 'react-router';
import { worstOf } from '@/core/finding/order';
import { assumedPaths, FIT_WORDS, judgeFit } from '@/core/fit/sheets';
import type { Gate } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import { fitContextOf, type ScopeView } from '@/core/phases/scope/view';
import { fitKindsFor } from '@/core/scope/fit-start';
import { money } from '@/core/units/money';
import { moment, value } from '@/core/words/said';
import { pagesOf, paperOf } from '@/web/api/circuit-path';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { Ink } from '@/web/kit/Signature';
import { say, sayLow } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { GateList } from '../GateList';
import type { JobView } from '../job-context';

/** Beside the items: what must be signed, the fit sheets behind the scope, what the customer answered. */
export function ScopeSide({
  view,
  scope,
  gates,
  gatesPhase,
  onSign,
}: {
  view: JobView;
  scope: ScopeView;
  gates: Gate[];
  gatesPhase: Phase;
  onSign: (subject: string) => void;
}) {
  const { sheet } = view;
  const context = fitContextOf(sheet);
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      {scope.disclosures.length ? (
        <Part name={t('web.kept-parts')} title={t('web.kept-parts-to-be-disclosed')}>
          <ul>
            {scope.disclosures.map((d) => (
              <li
                key={d.id}
                className="grid grid-cols-[22px_1fr_auto] items-center border-b border-rule2 py-1.5 leading-snug"
              >
                <Mark kind={d.signature ? (d.signature.answer === 'yes' ? 'good' : 'look-again') : 'to-come'} />
                <span>
                  <b className="font-[640]">{say(d.part)}</b>
                  <span className="block text-[13px] text-ink2">
                    {d.signature
                      ? d.signature.answer === 'yes'
                        ? t('web.signed-by-2', { customer: d.signature.customer })
                        : t('web.refused-by', { customer: d.signature.customer, reason: d.signature.reason })
                      : t('web.not-signed-instead', {
                          say: sayLow(d.alternative.say),
                          price: money(d.alternative.price),
                        })}
                  </span>
                </span>
                {d.signature ? null : (
                  <Button tone="quiet" className="text-[13px]" onClick={() => onSign(`disclosure:${d.id}`)}>
                    {t('web.sign')}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </Part>
      ) : null}
      <Part name={t('web.fit')} title={t('web.fit-sheets')}>
        <ul>
          {fitKindsFor(scope.input.known).map((kind) => {
            const fit = sheet.fits[kind];
            const checks = fit ? judgeFit(fit, context) : [];
            const first = checks.find((c) => c.verdict !== 'good');
            return (
              <li key={kind} className="border-b border-rule2 py-1.5">
                <Link
                  to={`${pagesOf(sheet)}/fit/${kind}`}
                  className="touch grid grid-cols-[22px_1fr] content-center leading-snug"
                >
                  <Mark kind={fit ? worstOf(checks) : 'to-come'} />
                  <span>
                    <b className="font-[640]">{say(FIT_WORDS[kind])}</b>
                    <span className="block text-[13px] text-ink2">
                      {say(
                        fit
                          ? (first?.claim ??
                              (assumedPaths(fit).length ? tell('web.figures-assumed') : tell('web.all-of-it-holds')))
                          : tell('web.not-measured'),
                      )}
                    </span>
                  </span>
                </Link>
              </li>
            );
          })}
        </ul>
      </Part>
      {scope.get.length ? (
        <Part name={t('web.to-buy-or-make')}>
          <ul>
            {scope.get.map((g) => (
              <li
                key={g.id}
                className="grid grid-cols-[52px_1fr] border-b border-rule2 py-1.5 text-[14px] leading-snug"
              >
                <span className="text-[13px] text-ink2">{say(value(g.how))}</span>
                <span className="font-[560]">{say(g.what)}</span>
              </li>
            ))}
          </ul>
        </Part>
      ) : null}
      <Link
        to={`${pagesOf(sheet)}/offer`}
        className="touch inline-flex w-fit items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
      >
        {t('web.offer-with-options')}
      </Link>
      <GateList gates={gates} phase={gatesPhase} view={view} />
      <a
        href={paperOf(sheet, 'scope.pdf')}
        target="_blank"
        rel="noreferrer"
        className="touch inline-flex w-fit items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
      >
        {t('web.survey-and-scope-as-pdf')}
      </a>
      {scope.answers.length ? (
        <Part name={t('web.customer')} title={t('web.what-customer-answered')}>
          <ul>
            {scope.answers.map((a) => (
              <li key={a.id} className="border-b border-rule2 py-1.5 leading-snug">
                <div className="flex items-center gap-2">
                  <Mark kind={a.answer === 'yes' ? 'good' : 'look-again'} />
                  <span className="min-w-0 flex-1">
                    <b className="font-[640]">{a.subject === 'scope' ? t('web.scope') : t('web.change')}:</b> {a.answer}
                    {a.reason ? `, ${a.reason}` : ''}
                    <span className="block text-[13px] text-ink2">
                      {t('web.answer-line', { customer: a.customer, at: moment(a.at) })}
                    </span>
                  </span>
                  {a.ink ? <Ink ink={a.ink} /> : null}
                </div>
              </li>
            ))}
          </ul>
        </Part>
      ) : null}
    </div>
  );
}
