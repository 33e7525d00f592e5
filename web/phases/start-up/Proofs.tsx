import { isSigned } from '@/core/job/sheet';
import { entryKindsOf } from '@/core/phases/log/entries';
import { acceptancesOf } from '@/core/phases/start-up/acceptance-proofs';
import { modesOf } from '@/core/phases/start-up/mode-proofs';
import { stripStages } from '@/core/phases/start-up/typed-proofs';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import type { EquippedView } from '../job-context';
import type { Open } from './StartUpSheets';

type Props = { view: EquippedView; onOpen: (open: Open) => void };

/** Proofs that are typed as they are seen, beside those of the probes: electric heat by stage, a defrost, what is accepted. */
export function Proofs({ view, onOpen }: Props) {
  const { sheet } = view;
  const strips = stripStages(sheet);
  const heats = modesOf(sheet.circuit.plate).includes('heating');
  const accepted = acceptancesOf(sheet);
  const kinds = entryKindsOf('start-up');
  const written = sheet.systemLog.some((e) => kinds.includes(e.kind));
  // Only a thermostatic valve is turned by hand.
  const valve = sheet.circuit.plate.metering === 'txv';
  if (strips.length === 0 && !heats && !valve && accepted.length === 0 && !written) return null;
  return (
    <section aria-label={say(tell('web.proofs-by-hand'))}>
      <h2 className="text-[15px] font-[680]">{say(tell('web.proofs-by-hand'))}</h2>
      {isSigned(sheet, 'start-up') ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          {strips.map((stage) => (
            <Button
              key={stage}
              tone="quiet"
              className="text-[14px]"
              onClick={() => onOpen({ entry: 'strip-run', preset: { stage } })}
            >
              {say(tell('web.electric-heat-stage', { stage }))}
            </Button>
          ))}
          {heats ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry: 'defrost-run' })}>
              {say(tell('web.a-defrost'))}
            </Button>
          ) : null}
          {accepted.map(({ id, name, entry }) => (
            <Button key={id} tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry, preset: {} })}>
              {say(name)}
            </Button>
          ))}
          {valve && !accepted.some((a) => a.entry === 'valve-turn') ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry: 'valve-turn', preset: {} })}>
              {say(tell('web.valve-by-quarter-turns'))}
            </Button>
          ) : null}
          {accepted.some((a) => a.entry === 'zone-run') ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry: 'room-climate', preset: {} })}>
              {say(tell('web.a-room'))}
            </Button>
          ) : null}
        </div>
      )}
      <EntryLog view={view} phase="start-up" kinds={kinds} />
    </section>
  );
}
