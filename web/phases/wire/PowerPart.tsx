import type { Finding } from '@/core/finding/finding';
import { SOURCE_WORDS } from '@/core/phases/wire/names';
import { type CircuitView, plateAsks } from '@/core/phases/wire/power';
import { proposalOf } from '@/core/phases/wire/proposal';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { OneLine } from './OneLine';

type Props = { circuits: readonly CircuitView[]; signed: boolean; onWrite: (circuit: CircuitView) => void };

/** Every circuit from the panel to what it feeds, each number held against the plate; each opens its working. */
export function PowerPart({ circuits, signed, onWrite }: Props) {
  if (circuits.length === 0) return <p className="mt-3">{t('web.no-new-circuit')}</p>;
  return (
    <div className="grid gap-6 [&>*]:min-w-0">
      {circuits.map((c) => (
        <section
          key={c.plate.which}
          aria-label={say(SOURCE_WORDS[c.plate.which])}
          data-testid={`circuit-${c.plate.which}`}
        >
          <div className="flex flex-wrap items-baseline gap-x-3 border-b border-ink pb-1">
            <h2 className="text-[17px] font-[680]">{say(SOURCE_WORDS[c.plate.which])}</h2>
            <span className="text-[14px] text-ink2">{say(plateAsks(c.plate))}</span>
            {signed ? null : (
              <Button tone="quiet" className="-my-2 ml-auto" onClick={() => onWrite(c)}>
                {t(c.entry ? 'web.change-answer' : 'web.write-the-circuit')}
              </Button>
            )}
          </div>
          {proposalOf(c.plate, c.entry?.body.lengthFt ?? null) ? (
            <p className="mt-1.5 text-[14px]">{say(proposalOf(c.plate, c.entry?.body.lengthFt ?? null))}</p>
          ) : null}
          <OneLine circuit={c} />
          <ul className="mt-1">
            {c.findings.map((f) => (
              <Working key={f.id} finding={f} />
            ))}
          </ul>
        </section>
      ))}
      <p className="text-[13px] text-ink2">{t('web.plate-maker-code-inspector-outrank')}</p>
    </div>
  );
}

/** One verdict with how it came about: why, and whose rule in which edition. */
function Working({ finding: f }: { finding: Finding }) {
  return (
    <li className="border-b border-rule2">
      <details id={`work-${f.id}`}>
        <summary className="touch grid cursor-pointer grid-cols-[24px_1fr] items-center gap-x-1">
          <Mark kind={f.verdict} />
          <span className="leading-snug font-[560]">{say(f.claim)}</span>
        </summary>
        <p className="pb-2 pl-7 text-[14px] text-ink2">
          {say(f.because)} <i className="not-italic">({say(f.source)})</i>
          {f.next ? <b className="block text-ink">{say(f.next.say)}</b> : null}
        </p>
      </details>
    </li>
  );
}
