import type { Figures as All, FigureId } from '@/core/startup/figure';
import { measured, q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** What follows from the readings, with its band where it has one; a tap opens the working. */
export function Figures({ figures, onSelect }: { figures: All; onSelect: (id: FigureId) => void }) {
  return Object.values(figures.byId)
    .filter((f) => !f.idle && f.value !== undefined && Number.isFinite(f.value))
    .map((f) => (
      <tr key={f.id} className="border-b border-rule2">
        <th scope="row" className="py-1 text-left font-[560]">
          <button
            type="button"
            className="touch cursor-pointer text-left underline decoration-dotted underline-offset-4"
            onClick={() => onSelect(f.id)}
          >
            {say(f.label)}
          </button>
          {f.target ? (
            <small className="block font-[450] text-ink2">
              {t('web.band-from-to', {
                low: q(f.target.low, 'number', 1),
                high: measured(f.target.high, f.unit),
              })}
            </small>
          ) : null}
        </th>
        <td className="py-1 text-right font-[650]">{say(measured(f.value, f.unit))}</td>
      </tr>
    ));
}
