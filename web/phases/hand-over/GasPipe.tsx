import { owesPipeTest, pipeFindings } from '@/core/phases/hand-over/gas-pipe';
import { tell } from '@/web/words/tell';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';
import { JobEntries } from './JobEntries';

/** The gas pipe of what newly burns gas: what its test says, and the test itself. */
export function GasPipe({ view, signed }: { view: JobView; signed: boolean }) {
  const findings = pipeFindings(view.sheet);
  if (!findings && !owesPipeTest(view.sheet)) return null;
  return (
    <>
      {findings ? <CheckList checks={findings} /> : null}
      <JobEntries view={view} signed={signed} title={tell('web.gas-pipe')} kinds={['gas-test']} ofSystem />
    </>
  );
}
