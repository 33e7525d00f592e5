import { PHASE_WORDS } from '@/core/job/phases';
import { isOnDevice, type JobSheet } from '@/core/job/sheet';
import { moment } from '@/core/words/said';
import type { Me } from '@/web/api/use-me';
import { LatePanel } from '@/web/late/LatePanel';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** Who signed which phase, when, and the hash of what was frozen; and what arrived after. */
export function Signatures({ sheet, me }: { sheet: Pick<JobSheet, 'job' | 'signOffs'>; me: Pick<Me, 'role'> }) {
  return (
    <section>
      <LatePanel jobId={sheet.job.id} me={me} />
      <h2 className="text-[15px] font-[680]">{t('web.signatures')}</h2>
      <ul className="mt-1">
        {sheet.signOffs.map((s) => (
          <li key={s.id} className="border-b border-rule2 py-1.5 leading-snug">
            <b className="font-[640]">{say(PHASE_WORDS[s.phase])}</b> {s.by}
            <span className="block text-[13px] text-ink2">
              {say(
                isOnDevice(s)
                  ? tell('web.signature-on-device', { at: moment(s.at) })
                  : tell('web.signature-line', {
                      certificate: s.certificate ?? t('web.no-certificate'),
                      at: moment(s.at),
                      contentHash: s.contentHash.slice(0, 10),
                    }),
              )}
              {s.arrivedAt ? ` ${t('web.signature-arrived', { arrivedAt: moment(s.arrivedAt) })}` : null}
            </span>
          </li>
        ))}
      </ul>
      {sheet.signOffs.length === 0 ? <p className="text-ink2">{t('web.nothing-signed-yet')}</p> : null}
    </section>
  );
}
