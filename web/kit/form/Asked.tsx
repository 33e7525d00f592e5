/** What stands under a choice: its error, else its hint. */
export function Asked({
  error,
  hint,
  children,
}: {
  error: string | undefined;
  hint?: string;
  children: React.ReactNode;
}) {
  return (
    <div>
      {children}
      {error ? (
        <p role="alert" className="mt-0.5 text-[12.5px] font-[600] text-oxide">
          {error}
        </p>
      ) : hint ? (
        <p className="mt-0.5 text-[12.5px] text-ink2">{hint}</p>
      ) : null}
    </div>
  );
}
