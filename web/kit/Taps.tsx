/** A small answer in a row: one tap says it. */
export const Tap = ({ onPress, disabled, children }: { onPress: () => void; disabled?: boolean; children: string }) => (
  <button
    type="button"
    disabled={disabled}
    onClick={onPress}
    className="touch min-w-12 cursor-pointer border-[1.5px] border-ink bg-sheet px-3 text-[15px] font-[640]"
  >
    {children}
  </button>
);

/** What else can be done in a row, after what is said there. */
export const QuietTap = ({ onPress, children }: { onPress: () => void; children: string }) => (
  <button
    type="button"
    onClick={onPress}
    className="touch cursor-pointer px-1.5 text-[14px] text-copper underline underline-offset-4"
  >
    {children}
  </button>
);
