type Props = { label: string; hint: string; text: string; onText: (text: string) => void };

/** The one field that finds; `hint` says by what. */
export const SearchBox = ({ label, hint, text, onText }: Props) => (
  <input
    type="search"
    value={text}
    onChange={(e) => onText(e.target.value)}
    placeholder={hint}
    aria-label={label}
    className="touch w-full border-[1.5px] border-rule bg-sheet px-3 text-[16px] outline-none focus:border-ink sm:w-[300px]"
  />
);
