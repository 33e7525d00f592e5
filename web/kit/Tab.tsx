/** One of several looks at the same thing. */
export function Tab({ label, on, onPress }: { label: string; on: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      role="tab"
      aria-selected={on}
      onClick={onPress}
      className={`touch cursor-pointer border-b-[3px] px-3.5 font-[600] first-letter:uppercase ${on ? 'border-copper' : 'border-transparent text-ink2'}`}
    >
      {label}
    </button>
  );
}
