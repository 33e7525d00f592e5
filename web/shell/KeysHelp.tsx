import { PHASE_WORDS } from '@/core/job/phases';
import { PHASES_BUILT } from '@/core/phases/registry';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const LIST: [string, string][] = [
  ['g j', t('web.jobs')],
  ['g e', t('web.equipment')],
  ['g t', t('web.fit-sheets')],
  ...PHASES_BUILT.map((p): [string, string] => [`g ${p.key}`, say(PHASE_WORDS[p.id])]),
  ['g y', t('web.cylinders')],
  ['g l', t('web.equipment-library')],
  ['g f', t('web.formulas-and-sources')],
  ['n', t('web.do-next-move')],
  ['r', t('web.record-reading-2')],
  ['w', t('web.show-working')],
  ['?', t('web.this-list')],
];

export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} onClose={onClose} title={t('web.keys')}>
      <dl className="mt-2 grid grid-cols-[80px_1fr] gap-y-2">
        {LIST.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-[700]">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-[13px] text-ink2">{t('web.off-while-you-type')}</p>
    </Sheet>
  );
}
