import { channelWords } from '@/core/instrument/logger/channel-words';
import { guessUnit, type LogMapping } from '@/core/instrument/logger/read-log';
import { TIME_FORMATS, type TimeFormat } from '@/core/instrument/logger/time';
import { unitsOf } from '@/core/instrument/logger/units';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  header: readonly string[];
  channels: readonly string[];
  mapping: LogMapping;
  onChange: (mapping: LogMapping) => void;
};
const SELECT = 'touch w-full border-[1.5px] border-rule bg-sheet px-2';
/** A channel that the log does not have. */
const NONE = '';

/** Which column is the time, and which is which channel in which unit. */
export function LogMappingForm({ header, channels, mapping, onChange }: Props) {
  const columns = header.map((h, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: columns of a file never move
    <option key={i} value={i}>
      {h || String(i + 1)}
    </option>
  ));
  function put(channel: string, column: string, unit?: string): void {
    const { [channel]: _, ...rest } = mapping.channels;
    const at = Number(column);
    const chosen = { column: at, unit: unit ?? guessUnit(channel, header[at] ?? '') };
    onChange({ ...mapping, channels: column === NONE ? rest : { ...rest, [channel]: chosen } });
  }
  return (
    <div className="mt-3 grid gap-3">
      <div className="grid grid-cols-2 gap-2">
        <label className="block">
          <span className="block text-[13px] font-[600]">{t('web.column-of-the-time')}</span>
          <select
            className={SELECT}
            value={mapping.time.column}
            onChange={(e) => onChange({ ...mapping, time: { ...mapping.time, column: Number(e.target.value) } })}
          >
            {columns}
          </select>
        </label>
        <label className="block">
          <span className="block text-[13px] font-[600]">{t('web.time-is-told-in')}</span>
          <select
            className={SELECT}
            value={mapping.time.format}
            onChange={(e) => onChange({ ...mapping, time: { ...mapping.time, format: e.target.value as TimeFormat } })}
          >
            {TIME_FORMATS.map((f) => (
              <option key={f} value={f}>
                {say(value(f))}
              </option>
            ))}
          </select>
        </label>
      </div>
      {channels.map((c) => {
        const chosen = mapping.channels[c];
        return (
          <div key={c} className="grid grid-cols-[1fr_110px] gap-2" data-testid={`map-${c}`}>
            <label className="block">
              <span className="block text-[13px] font-[600]">{say(channelWords(c))}</span>
              <select className={SELECT} value={chosen?.column ?? NONE} onChange={(e) => put(c, e.target.value)}>
                <option value={NONE}>{t('web.not-in-this-file')}</option>
                {columns}
              </select>
            </label>
            {chosen ? (
              <label className="block">
                <span className="block text-[13px] font-[600]">{t('web.logged-in-unit')}</span>
                <select
                  className={SELECT}
                  value={chosen.unit}
                  onChange={(e) => put(c, String(chosen.column), e.target.value)}
                >
                  {unitsOf(c).map((u) => (
                    <option key={u} value={u}>
                      {u}
                    </option>
                  ))}
                </select>
              </label>
            ) : null}
          </div>
        );
      })}
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="size-6"
          checked={mapping.decimal === ','}
          onChange={(e) => onChange({ ...mapping, decimal: e.target.checked ? ',' : '.' })}
        />
        {t('web.numbers-have-a-decimal-comma')}
      </label>
    </div>
  );
}
