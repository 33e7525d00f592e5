import { odText } from '@/core/circuit/acr-tube';
import { ACCESSORIES, type LibraryItem } from '@/core/equipment/library-item';
import { METERING_WORDS } from '@/core/equipment/plate';
import type { Label } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { PageLink } from './PageLink';

type Props = { item: LibraryItem; paged: boolean; onEdit?: (() => void) | undefined };

export function ItemLine({ item: i, paged, onEdit }: Props) {
  const circuit = [
    i.refrigerant,
    i.metering && METERING_WORDS[i.metering],
    i.liquidOdIn && i.vaporOdIn ? `${odText(i.liquidOdIn)} × ${odText(i.vaporOdIn)}` : undefined,
    unit(i.factoryChargeOz, 'oz'),
    i.longestLineFt ? t('web.to-ft', { longestLineFt: i.longestLineFt }) : undefined,
  ];
  const power = [
    t('web.v-phase', { volts: i.volts, phases: i.phases }),
    i.mcaA ? `MCA ${i.mcaA} A` : undefined,
    i.mocpA ? `MOCP ${i.mocpA} A` : undefined,
  ];
  const heat = [
    i.outputBtuh ? `${i.outputBtuh.toLocaleString('en-US')} Btu/h` : undefined,
    i.inputBtuh ? t('web.input-btuh', { input: i.inputBtuh.toLocaleString('en-US') }) : undefined,
    i.riseLowF ? t('web.rise-f', { riseLowF: i.riseLowF, riseHighF: i.riseHighF }) : undefined,
  ];
  const line = (parts: (Label | undefined | null)[]): string =>
    parts
      .filter((p) => p !== undefined && p !== null && p !== '')
      .map(say)
      .join(' · ');
  return (
    <li className="grid gap-x-5 border-b border-rule py-2.5 md:grid-cols-[0.9fr_0.85fr_1.35fr_1.6fr] md:items-baseline">
      <span>
        {onEdit ? (
          <button
            type="button"
            onClick={onEdit}
            className="touch -my-3 cursor-pointer text-[16px] font-[660] text-copper underline underline-offset-4"
          >
            {i.model}
          </button>
        ) : (
          <b className="text-[16px] font-[660]">{i.model}</b>
        )}{' '}
        <span className="text-ink2">{i.maker}</span>
      </span>
      <span className="text-[14.5px]">
        {line([
          unit(i.tons, 'tons'),
          ACCESSORIES.includes(i.kind)
            ? unit(i.heaterKw ?? null, 'kW')
            : tell(
                i.stages === 'variable'
                  ? 'web.inverter-stages'
                  : i.stages === 'single'
                    ? 'web.single-stage'
                    : 'web.two-stage',
              ),
        ])}
        <span className="block text-[13px] text-ink2">
          {ACCESSORIES.includes(i.kind)
            ? (i.fits ?? '')
            : t('web.in-lb', {
                widthIn: i.widthIn,
                depthIn: i.depthIn,
                heightIn: i.heightIn,
                weightLb: i.weightLb,
              })}
        </span>
      </span>
      <span className="text-[14px]">{line([...circuit, ...heat])}</span>
      <span className="text-[14px] text-ink2">
        {line([
          ...power,
          i.controls === 'either' ? t('web.24-v-or-communicating') : i.controls === '24v' ? '24 V' : i.controls,
        ])}
        {i.bookPage ? <span className="block text-[13px]">{i.bookPage}</span> : null}
        {paged ? <PageLink itemId={i.id} /> : null}
      </span>
    </li>
  );
}

const unit = (value: number | null, words: string): string | undefined =>
  value === null ? undefined : `${value} ${words}`;
