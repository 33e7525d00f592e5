import { acceptable } from '@/core/job/acceptance';
import { isSigned } from '@/core/job/sheet';
import { entryKindsOf } from '@/core/phases/log/entries';
import { WIRE_GROUP_WORDS, WIRE_GROUPS } from '@/core/phases/wire/asks';
import { wire as phase } from '@/core/phases/wire/phase';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import { AgainstAdvice } from '../AgainstAdvice';
import { CheckGroups } from '../checks/CheckGroups';
import { CircuitFrame } from '../circuit/CircuitFrame';
import type { JobView } from '../job-context';
import { BoardPart, outputsOf } from './BoardPart';
import { CallSide } from './CallSide';
import { OldPart } from './OldPart';
import { PartTabs } from './PartTabs';
import { PowerPart } from './PowerPart';
import { ProofList } from './ProofList';
import { SafePart } from './SafePart';
import { SheetsPart } from './SheetsPart';
import { useWiring, type WiringState } from './use-wiring';
import { WireSheets } from './WireSheets';

/** What its log shows: answers and proofs stand in their rows already. */
const LOGGED = entryKindsOf('wire').filter((kind) => kind !== 'wire-check' && kind !== 'control-proof');

/** Power and controls: the circuits against their plates, made safe, the low-voltage board, its proofs, the sheets. */
export default function WirePage(view: JobView) {
  const state = useWiring(view);
  const { wire, board, part, signed, findings } = state;
  return (
    <CircuitFrame
      view={view}
      phase={phase}
      about={t('web.circuits-and-calls', { circuits: wire.circuits.length, calls: wire.proofs.length })}
      checks={part === 'controls' ? findings.controls : []}
      presets={state.presets}
      figures={part === 'controls' && board.calls.length ? <CallSide board={board} outputs={outputsOf(wire)} /> : null}
      forms={state.forms}
      logged={LOGGED}
      beside={<AgainstAdvice view={view} of="wire" acceptable={signed ? [] : acceptable(wire.open)} />}
    >
      <PartTabs part={part} findings={findings} onPart={state.go} />
      {isSigned(view.sheet, 'charge') || signed ? null : (
        <div className="mb-3">
          <Notice kind="look-again">{t('web.outdoor-disconnect-stays-locked')}</Notice>
        </div>
      )}
      <Part view={view} state={state} />
      <WireSheets view={view} state={state} />
    </CircuitFrame>
  );
}

function Part({ view, state }: { view: JobView; state: WiringState }) {
  const { wire, board, part, signed, listed, write } = state;
  const [check, setCheck] = state.check;
  const [picked, setPicked] = state.picked;
  switch (part) {
    case 'power':
      return <PowerPart circuits={wire.circuits} signed={signed} onWrite={state.writeCircuit} />;
    case 'safe':
      return (
        <SafePart view={view} sources={wire.sources} listed={listed} signed={signed} onList={() => write('sources')} />
      );
    case 'sheets':
      return <SheetsPart view={view} wire={wire} signed={signed} onWrite={write} onTakeStarter={state.takeStarter} />;
    case 'looks':
      return (
        <CheckGroups
          view={view}
          kind="wire-check"
          signed={signed}
          open={check}
          onOpen={setCheck}
          groups={WIRE_GROUPS.map((id) => ({
            id,
            title: WIRE_GROUP_WORDS[id],
            rows: wire.rows.filter((r) => r.ask.group === id),
          }))}
        />
      );
    case 'old':
      return <OldPart view={view} signed={signed} onWrite={write} />;
    default:
      return (
        <div className="grid gap-6 [&>*]:min-w-0">
          <BoardPart view={view} wire={wire} board={board} signed={signed} picked={picked} onPick={setPicked} />
          {wire.proofs.length ? (
            <ProofList
              view={view}
              wire={wire}
              signed={signed}
              onOtherwise={state.proof[1]}
              onTakeBack={state.taking[1]}
            />
          ) : null}
        </div>
      );
  }
}
