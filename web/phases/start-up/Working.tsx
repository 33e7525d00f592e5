import { Link } from 'react-router';
import type { Verdict } from '@/core/finding/finding';
import type { Figure } from '@/core/startup/figure';
import { shown, withUnit } from '@/core/units/format';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** How a number came about: value, target, inputs with their sources, formula, published source. */
export function Working({ figure, verdict }: { figure: Figure; verdict: Verdict | undefined }) {
  const tone = verdict === 'look-again' ? 'text-ochre' : verdict === 'stop' ? 'text-oxide' : '';
  return (
    <Part name={t('web.working')} title={say(figure.label)} data-testid="working">
      <p className={`narrow text-[44px] leading-none font-[660] ${tone}`}>
        {shown(figure.value, figure.unit)}
        <small className="text-[19px] font-[500] text-ink2"> {figure.unit}</small>
      </p>
      <p className="mt-1 text-[13.5px] text-ink2">
        {figure.target
          ? t('web.wanted-to', {
              low: shown(figure.target.low, figure.unit),
              high: shown(figure.target.high, figure.unit),
              source: figure.target.source,
            })
          : say(figure.noTarget ?? figure.missing)}
      </p>
      <table className="mt-2 w-full">
        <tbody>
          {figure.working.map((line) => (
            <tr key={say(line.label)} className="border-b border-rule2 align-baseline">
              <td className="py-1">
                {say(line.label)} {line.note ? <small className="text-ink2">{say(line.note)}</small> : null}
              </td>
              <td className="py-1 pl-2 text-right font-[620] whitespace-nowrap">{withUnit(line.value, line.unit)}</td>
            </tr>
          ))}
          <tr className="align-baseline">
            <td className="py-1 font-[620]">{say(figure.formula)}</td>
            <td className="py-1 pl-2 text-right font-[700] whitespace-nowrap">{withUnit(figure.value, figure.unit)}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-1 text-[13px] text-ink2">
        {say(figure.source)}.
        {figure.uncertainty
          ? t('web.probe-uncertainty', { uncertainty: shown(figure.uncertainty, figure.unit), unit: figure.unit })
          : ''}{' '}
        {figure.calculation ? (
          <Link to={`/formulas#${figure.calculation}`} className="text-copper underline">
            {t('web.formula')}
          </Link>
        ) : null}
      </p>
    </Part>
  );
}
