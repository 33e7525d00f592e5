import { Link } from 'react-router';
import { may, type Role } from '@/core/job/permissions';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** Where a company that has no open work begins: its people, its equipment, its cylinders, a job. */
export function FirstSteps({ role }: { role: Role }) {
  const steps = [
    ['keep-people', '/settings/people', tell('web.step-people')],
    ['edit-library', '/library', tell('web.step-library')],
    ['keep-cylinders', '/cylinders', tell('web.step-cylinders')],
    ['edit-settings', '/settings', tell('web.step-policy')],
    ['add-job', '/jobs/new', tell('web.step-job')],
  ] as const;
  const mine = steps.filter(([act]) => may(role, act));
  if (mine.length === 0) return null;
  return (
    <ol className="mt-4 grid max-w-[640px] border-t-[1.5px] border-ink">
      {mine.map(([, to, what], i) => (
        <li key={to} className="border-b border-rule">
          <Link to={to} className="touch flex items-center gap-4 py-2 hover:bg-sheet">
            <span className="narrow w-8 text-[24px] font-[700] text-copper">{i + 1}</span>
            <span className="text-[16px] font-[600]">{say(what)}</span>
          </Link>
        </li>
      ))}
    </ol>
  );
}
