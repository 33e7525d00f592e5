import { pressureView } from '@/core/phases/pressure-test/view';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { useAct } from '@/web/kit/use-act';
import { useEntries } from '@/web/phases/circuit/use-entries';
import type { EquippedView } from '@/web/phases/job-context';
import { t } from '@/web/words/tell';

/** Every logged joint with its bubble result: two taps each, in the order they were made. */
export function JointList({ view }: { view: EquippedView }) {
  const write = useEntries(view);
  const { busy, act } = useAct();
  const test = pressureView(view.sheet);
  const signed = view.sheet.signOffs.some((s) => s.phase === 'pressure-test');
  /** A lead let the hold pass: the joints are looked at without it. */
  const passed = view.sheet.overrides.some((o) => o.phase === 'pressure-test' && o.gate === 'pressure-held');
  if (test.joints.length === 0) return null;
  return (
    <Part name={t('web.bubble-check')} title={t('web.bubble-check-joint-by-joint')}>
      <ul className="mt-1">
        {test.joints.map(({ joint, result }) => (
          <li
            key={joint.id}
            id={`joint-${joint.id}`}
            data-testid="bubble-row"
            className="flex flex-wrap items-center gap-x-3 border-b border-rule2 py-1"
          >
            <Mark kind={result === 'bubbles' ? 'look-again' : result ? 'good' : 'to-come'} />
            <span className="mr-auto">
              {joint.body.place}{' '}
              <small className="text-ink2">
                {t('web.line-2', { method: value(joint.body.method), line: value(joint.body.line) })}
              </small>
            </span>
            {signed ? (
              <span>{result ?? t('web.not-bubbled')}</span>
            ) : (
              <span className="flex gap-1">
                {(['no bubbles', 'bubbles'] as const).map((r) => (
                  <Button
                    key={r}
                    tone={result === r ? 'plain' : 'quiet'}
                    disabled={busy || !(test.hold || passed)}
                    aria-pressed={result === r}
                    onClick={() => void act(() => write('bubble', { jointId: joint.id, result: r }))}
                  >
                    {r === 'bubbles' ? t('web.bubbles') : t('web.none')}
                  </Button>
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
    </Part>
  );
}
