import type { ReactNode } from 'react';
import { handedOverAt } from '@/core/phases/hand-over/visits';
import { registerFindings } from '@/core/phases/hand-over/warranty';
import { todayAt } from '@/web/api/clock';
import { tell } from '@/web/words/tell';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';
import { JobEntries } from './JobEntries';
import { OpenItems } from './OpenItems';

type Props = { view: JobView; children: ReactNode };

/** What ends a job with the customer: the walk through the house, warranties, what is open; then the customer's signature. */
export function Closing({ view, children }: Props) {
  const { sheet } = view;
  const since = handedOverAt(sheet);
  const signed = since !== undefined;
  const today = todayAt(sheet.site.timeZone);
  const late = registerFindings(sheet, today);
  return (
    <>
      <JobEntries view={view} signed={signed} title={tell('web.serials')} kinds={['serial', 'filter-fitted']} />
      <JobEntries view={view} signed={signed} title={tell('web.permits')} kinds={['permit', 'inspection']} />
      <JobEntries view={view} signed={signed} since={since} title={tell('web.owner')} kinds={['walkthrough']} />
      <JobEntries
        view={view}
        signed={signed}
        since={since}
        title={tell('web.warranty')}
        kinds={['warranty-term', 'registered']}
      />
      {late.length ? <CheckList checks={late} /> : null}
      <OpenItems view={view} today={today} />
      {children}
    </>
  );
}
