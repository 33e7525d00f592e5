import { useState } from 'react';
import { vacuumWantsReason } from '@/core/phases/circuit-kept';
import { STANDING_LEAST_MIN } from '@/core/phases/evacuate/evacuation';
import { Button } from '@/web/kit/Button';
import { Field } from '@/web/kit/Field';
import { Notice, Trouble } from '@/web/kit/Notice';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';

const LEAST_REASON = 10;

/** The standing-vacuum test as it was read off the gauge: a typed record that the charge gate reads. */
export function VacuumForm({ view, onClose }: { view: JobView; onClose: () => void }) {
  const kept = view.sheet.vacuum;
  const [microns, setMicrons] = useState(kept ? String(kept.endMicrons) : '');
  const [minutes, setMinutes] = useState(kept ? String(kept.heldMin) : '');
  const wantsReason = vacuumWantsReason(view.sheet);
  const [reason, setReason] = useState(kept?.reason ?? '');
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const badMicrons = asked ? typedTrouble(microns, 1, 20000, 'µm') : undefined;
  const badMinutes = asked ? typedTrouble(minutes, 0, 600, 'min') : undefined;
  return (
    <Sheet open onClose={onClose} title={say(tell('web.standing-vacuum-test'))}>
      <form
        className="mt-3 grid gap-2"
        onSubmit={async (e) => {
          e.preventDefault();
          setAsked(true);
          if (typedTrouble(microns, 1, 20000, 'µm') || typedTrouble(minutes, 0, 600, 'min')) return;
          if (wantsReason && reason.trim().length < LEAST_REASON) return;
          const done = await act(() =>
            view.actions.replace(`/jobs/${view.sheet.job.id}/vacuum`, {
              version: kept?.version ?? 0,
              endMicrons: numberFromText(microns),
              heldMin: numberFromText(minutes),
              ...(wantsReason ? { reason: reason.trim() } : {}),
            }),
          );
          if (done) onClose();
        }}
      >
        <Field
          label={say(tell('web.vacuum-at-end-pump-valved-off'))}
          unit="µm"
          inputMode="decimal"
          value={microns}
          onChange={(e) => setMicrons(e.target.value)}
          error={badMicrons?.message}
          allowed={badMicrons?.allowed}
          hint={say(tell('web.passes-at-m-or-less', { decayLimit: view.sheet.circuitSchools.decayLimit }))}
        />
        <Field
          label={say(tell('web.held-for'))}
          unit="min"
          inputMode="decimal"
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
          error={badMinutes?.message}
          allowed={badMinutes?.allowed}
          hint={say(tell('web.min-or-more-gauge-far-from', { decayLeastMin: STANDING_LEAST_MIN }))}
        />
        {wantsReason ? (
          <Field
            label={say(tell('web.why-nothing-before-it-is-on'))}
            value={reason}
            maxLength={300}
            onChange={(e) => setReason(e.target.value)}
            error={
              asked && reason.trim().length < LEAST_REASON
                ? say(tell('web.say-why-recovery-to-evacuation-is'))
                : undefined
            }
            allowed={say(tell('web.to-300-characters-by-lead', { leastReason: LEAST_REASON }))}
            hint={say(tell('web.typed-vacuum-passes-recovery-joints-and'))}
          />
        ) : null}
        <Notice kind="look-again">{say(tell('web.never-energise-or-insulation-test-compressor'))}</Notice>
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy} className="mt-1">
          {say(tell('web.record-test'))}
        </Button>
      </form>
    </Sheet>
  );
}
