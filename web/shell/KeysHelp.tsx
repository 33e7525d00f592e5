import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

const LIST: [string, string][] = [
  ['g j', say(tell('web.jobs'))],
  ['g v', say(tell('web.survey'))],
  ['g o', say(tell('web.scope'))],
  ['g t', say(tell('web.fit-sheets'))],
  ['g e', say(tell('web.equipment'))],
  ['g r', say(tell('web.recover'))],
  ['g n', say(tell('web.join'))],
  ['g p', say(tell('web.pressure-test'))],
  ['g u', say(tell('web.evacuate'))],
  ['g y', say(tell('web.cylinders'))],
  ['g c', say(tell('web.charge'))],
  ['g s', say(tell('web.start-up'))],
  ['g h', say(tell('web.hand-over'))],
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
