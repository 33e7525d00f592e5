import { NavLink, useParams } from 'react-router';
import type { Phase } from '@/core/job/phases';
import { circuitName, type JobSheet } from '@/core/job/sheet';
import { pagesOfCircuit } from '@/web/api/circuit-path';
import { circuitMark } from '@/web/kit/circuit-mark';
import { Mark } from '@/web/kit/Mark';
import { t } from '@/web/words/tell';

/** Which circuit is looked at, where a job has several: the same page of each, with where it stands. */
export function CircuitSwitch({
  sheet,
  active,
  className,
}: {
  sheet: JobSheet;
  active: Phase | 'equipment' | 'fit';
  className: string;
}) {
  // The same place of the same page: a house is walked room by room, whichever system stands there.
  const { part } = useParams();
  if (sheet.circuits.length < 2) return null;
  return (
    <nav aria-label={t('web.circuits')} className={className}>
      {sheet.circuits.map((c) => (
        <NavLink
          key={c.id}
          to={`${pagesOfCircuit(sheet, c.id)}/${active}${part ? `/${part}` : ''}`}
          aria-current={c.id === sheet.circuit.id ? 'true' : undefined}
          className="touch flex min-w-fit flex-1 items-center gap-2 whitespace-nowrap border-[1.5px] border-rule px-2.5 leading-tight font-[520] aria-[current=true]:z-10 aria-[current=true]:border-ink aria-[current=true]:bg-sheet aria-[current=true]:font-[700] aria-[current=true]:shadow-[inset_0_-4px_0_var(--copper)] lg:w-full"
        >
          <Mark kind={circuitMark(c)} />
          <span className="lg:min-w-0 lg:whitespace-normal">{circuitName(sheet, c)}</span>
        </NavLink>
      ))}
    </nav>
  );
}
