import type { RigView } from '@/contract/answers/stream';
import { callOf, type RunMode } from '@/core/finding/run-mode';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';

type Props = { rig: RigView; mode: RunMode; busy: boolean; send: (command: unknown) => Promise<boolean> };

/** The thermostat of the simulated system: its call, and in heating the pins of the defrost board. */
export function CallButtons({ rig, mode, busy, send }: Props) {
  return (
    <div>
      <div className="text-[13px] font-[600]">{t('web.call-at-the-thermostat')}</div>
      <div className="mt-1 flex gap-2 [&>*]:flex-1">
        <Button disabled={busy} onClick={() => void send({ kind: rig.running ? 'stop' : 'start' })}>
          {rig.running ? t('web.end-call') : t('web.call-for', { mode: value(mode) })}
        </Button>
        {callOf(mode) === 'heating' && rig.running ? (
          <Button disabled={busy || rig.defrosting} onClick={() => void send({ kind: 'defrost' })}>
            {t(rig.defrosting ? 'web.defrost-runs' : 'web.force-a-defrost')}
          </Button>
        ) : null}
      </div>
      {rig.cutout !== 'none' ? (
        <p className="mt-1 text-[13px] font-[600] text-oxide">{t('web.tripped-on', { cutout: value(rig.cutout) })}</p>
      ) : null}
    </div>
  );
}
