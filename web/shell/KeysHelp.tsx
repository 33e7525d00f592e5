import { PHASE_WORDS } from '@/core/job/phases';
import { PHASES_BUILT } from '@/core/phases/registry';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

const LIST: [string, string][] = [
  ['g j', say(tell('web.jobs'))],
  ['g e', say(tell('web.equipment'))],
  ['g t', say(tell('web.fit-sheets'))],
  ...PHASES_BUILT.map((p): [string, string] => [`g ${p.key}`, say(PHASE_WORDS[p.id])]),
  ['g y', say(tell('web.cylinders'))],
  ['g l', say(tell('web.equipment-library'))],
  ['g f', say(tell('web.formulas-and-sources'))],
  ['n', say(tell('web.do-next-move'))],
  ['r', say(tell('web.record-reading-2'))],
  ['w', say(tell('web.show-working'))],
  ['?', say(tell('web.this-list'))],
];

export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} onClose={onClose} title={say(tell('web.keys'))}>
      <dl className="mt-2 grid grid-cols-[80px_1fr] gap-y-2">
        {LIST.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-[700]">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-[13px] text-ink2">{say(tell('web.off-while-you-type'))}</p>
    </Sheet>
  );
}
