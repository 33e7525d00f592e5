import { owesPipeTest, pipeFindings, ventFindings } from '@/core/phases/hand-over/gas-pipe';
import { tell } from '@/web/words/tell';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';
import { JobEntries } from './JobEntries';

/** The gas pipe of what newly burns gas: what its test says, and the test itself. */
export function GasPipe({ view, signed }: { view: JobView; signed: boolean }) {
  const findings = pipeFindings(view.sheet);
  const vent = ventFindings(view.sheet);
  if (!findings && !vent && !owesPipeTest(view.sheet)) return null;
  return (
    <>
      {findings ? <CheckList checks={findings} /> : null}
      {vent ? <CheckList checks={vent} /> : null}
      <JobEntries view={view} signed={signed} title={tell('web.gas-pipe')} kinds={['gas-test', 'vent-gas']} ofSystem />
    </>
  );
}
