import { terminalWords } from '@/core/phases/wire/names';
import { CABINET_MIN } from '@/core/practice/cabinet-round';
import type { CabinetView } from '@/core/practice/view';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';

type Props = {
  view: CabinetView;
  /** Terminals that were tapped, two at most. */
  tips: readonly string[];
  busy: boolean;
  onVolts: (a: string, b: string) => void;
  onOhms: (a: string, b: string) => void;
};

/** A meter whose tips go where the board was tapped. */
export function MeterPanel({ view, tips, busy, onVolts, onOhms }: Props) {
  const [a, b] = tips;
  const name = (node: string) => terminalWords(node, view.spec);
  const both = (measure: Props['onVolts']) => () => a !== undefined && b !== undefined && measure(a, b);
  return (
    <section className="grid gap-2" aria-live="polite" data-testid="meter">
      <h2 className="text-[15px] font-[680]">{t('web.meter')}</h2>
      <p className="font-[600]">
        {a === undefined
          ? t('web.tap-where-the-tips-go')
          : t('web.tips-on', { a: name(a), b: b === undefined ? '…' : name(b) })}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={busy || b === undefined} onClick={both(onVolts)}>
          {t('web.volts-in-this-call', { minutes: q(CABINET_MIN.volts, 'min', 0) })}
        </Button>
        <Button disabled={busy || b === undefined} onClick={both(onOhms)}>
          {t('web.ohms-power-off', { minutes: q(CABINET_MIN.ohms, 'min', 0) })}
        </Button>
      </div>
      <p className="text-[13px] text-ink2">{t('web.low-voltage-care')}</p>
    </section>
  );
}
