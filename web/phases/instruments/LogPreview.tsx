import { rangeOf } from '@/core/instrument/channel-range';
import { channelWords } from '@/core/instrument/logger/channel-words';
import type { ReadLog } from '@/core/instrument/logger/read-log';
import { unitsOf } from '@/core/instrument/logger/units';
import { q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const SHOWN = 6;
const MOST_TROUBLES = 8;

/** The first rows as they will be taken, and what cannot be. */
export function LogPreview({ read }: { read: ReadLog }) {
  const channels = Object.keys(read.values);
  return (
    <>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full text-[13.5px]" data-testid="log-preview">
          <thead>
            <tr className="border-b-[1.5px] border-ink text-left align-bottom text-[12px] text-ink2">
              <th className="py-1 pr-3 font-[550]">{t('web.run-second')}</th>
              {channels.map((c) => (
                <th key={c} className="py-1 pr-3 font-[550]">
                  {say(channelWords(c))} {rangeOf(c)[2] || unitsOf(c)[0]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {read.runSeconds.slice(0, SHOWN).map((seconds, i) => (
              <tr key={seconds} className="border-b border-rule2">
                <td className="py-1 pr-3">{t('web.logged-figure', { it: q(seconds, 'number', 'as is') })}</td>
                {channels.map((c) => (
                  <td key={c} className="py-1 pr-3">
                    {t('web.logged-figure', { it: q(read.values[c]![i] ?? null, 'number', 1) })}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {read.troubles.length ? (
        <ul className="mt-2 text-[13.5px]" data-testid="log-troubles">
          {read.troubles.slice(0, MOST_TROUBLES).map((x) => (
            <li key={`${x.row}-${x.column}`} className="border-b border-rule2 py-1">
              <b className="font-[620]">{t('web.row-and-column', { row: x.row, column: x.column })}</b> “{x.cell}”{' '}
              {say(x.message)}
            </li>
          ))}
          {read.troubles.length > MOST_TROUBLES ? (
            <li className="py-1 text-ink2">{t('web.and-so-many-more', { n: read.troubles.length - MOST_TROUBLES })}</li>
          ) : null}
        </ul>
      ) : null}
    </>
  );
}
