import { latestOf } from '@/core/phases/log/circuit-log';
import { TakeBackSheet } from '../checks/TakeBackSheet';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';
import { outputsOf } from './BoardPart';
import { trialWords } from './ProofList';
import { ProofSheet } from './ProofSheet';
import { ReadBackSheet } from './ReadBackSheet';
import type { WiringState } from './use-wiring';

/** Whatever sheet is open over the wiring page. */
export function WireSheets({ view, state }: { view: JobView; state: WiringState }) {
  const { wire, stat, openForm } = state;
  const [form, setForm] = state.form;
  const [reading, setReading] = state.reading;
  const [proof, setProof] = state.proof;
  const [taking, setTaking] = state.taking;
  return (
    <>
      {form ? (
        <EntrySheet
          key={`${form.kind}-${form.replaces ?? ''}`}
          view={view}
          kind={form.kind}
          preset={form.preset}
          replaces={form.replaces}
          onClose={() => setForm(undefined)}
        />
      ) : null}
      {reading && stat ? (
        <ReadBackSheet
          view={view}
          set={stat}
          replaces={latestOf(view.sheet.systemLog, 'thermostat-read')?.id ?? null}
          onOtherwise={() => {
            setReading(false);
            openForm('thermostat-read');
          }}
          onClose={() => setReading(false)}
        />
      ) : null}
      {proof ? (
        <ProofSheet view={view} row={proof} outputs={outputsOf(wire)} onClose={() => setProof(undefined)} />
      ) : null}
      {taking?.entry ? (
        <TakeBackSheet
          view={view}
          entryId={taking.entry.id}
          what={trialWords(taking)}
          onClose={() => setTaking(undefined)}
        />
      ) : null}
    </>
  );
}
