import { isEquipped } from '@/core/job/sheet';
import { othersOf } from '@/core/phases/start-up/of-circuit';
import { type CircuitColumn, circuitColumn, sideBySide } from '@/core/phases/start-up/side-by-side';
import { clock, measured, q } from '@/core/words/said';
import { useOtherSheets } from '@/web/api/use-other-sheets';
import { verdictColour } from '@/web/bench/verdict-colour';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** The circuits of one system beside each other, each by its newest recorded round and its own target. */
export function SideBySide({ view }: { view: EquippedView }) {
  const ids = othersOf(view.sheet).map((o) => o.id);
  const others = useOtherSheets(view.sheet.job.id, view.me, ids);
  const columns = [view.sheet, ...others.filter(isEquipped)].map(circuitColumn);
  const rows = sideBySide(columns);
  return (
    <div className="p-4 lg:px-5" data-testid="side-by-side">
      <table className="w-full max-w-[720px] border-collapse text-[16px]">
        <thead>
          <tr className="border-b border-rule text-left align-bottom">
            <th className="py-2 pr-3 font-[450] text-ink2">{t('web.last-read-of-each')}</th>
            {columns.map((c) => (
              <th key={c.id} className="py-2 pr-3 font-[640]">
                {c.name}
                <small className="block font-[450] text-ink2">{c.at ? say(clock(c.at)) : t('web.not-read-yet')}</small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id} className="border-b border-rule2 align-baseline">
              <th className="py-2 pr-3 text-left font-[450]">
                {say(row.figures.find((f) => f)!.figure.label)}
                {row.apart ? <small className="block text-ochre">{t('web.they-lie-apart')}</small> : null}
              </th>
              {columns.map((c, i) => (
                <Cell key={c.id} of={row.figures[i]} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 max-w-[60ch] text-[14px] text-ink2">{t('web.each-circuit-by-its-own-target')}</p>
    </div>
  );
}

function Cell({ of }: { of: CircuitColumn['figures'][keyof CircuitColumn['figures']] | undefined }) {
  if (!of) return <td className="py-2 pr-3 text-ink2">–</td>;
  const { figure, verdict } = of;
  return (
    <td className="py-2 pr-3">
      <b className="font-[640]" style={verdict ? { color: verdictColour(verdict) } : undefined}>
        {say(measured(figure.value, figure.unit))}
      </b>
      {figure.target ? (
        <small className="block text-ink2">
          {t('web.wanted-low-to-high', {
            low: q(figure.target.low, 'number', figure.unit === 'A' ? 2 : 1),
            high: measured(figure.target.high, figure.unit),
          })}
        </small>
      ) : null}
    </td>
  );
}
