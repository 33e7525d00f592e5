import { usePeople } from '@/web/api/use-people';
import { Asked } from './Asked';

type Props = {
  label: string;
  hint: string | undefined;
  value: unknown;
  error: string | undefined;
  onValue: (names: string[]) => void;
};

/** Who of the company: a tap each; a name that was typed once and is nobody's any more stays until it is tapped off. */
export function PeopleField({ label, hint, value, error, onValue }: Props) {
  const people = usePeople();
  const names = Array.isArray(value) ? (value as string[]) : [];
  const all = [...new Set([...people.map((p) => p.fullName), ...names])];
  return (
    <Asked error={error} hint={hint}>
      <fieldset>
        <legend className="text-[13px] font-[600]">{label}</legend>
        {all.map((name) => {
          const on = names.includes(name);
          return (
            <button
              key={name}
              type="button"
              aria-pressed={on}
              onClick={() => onValue(on ? names.filter((n) => n !== name) : [...names, name])}
              className={`touch mt-1 mr-1 cursor-pointer border-[1.5px] px-3 text-[14px] ${on ? 'border-copper font-[650] text-copper' : 'border-rule'}`}
            >
              {name}
            </button>
          );
        })}
      </fieldset>
    </Asked>
  );
}
