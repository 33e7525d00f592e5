import type { ReactNode } from 'react';

/** What is looked at before a phase's gear runs; it stands where the picture will come. */
export function BeforeWork({ title, items, note }: { title: string; items: readonly string[]; note?: ReactNode }) {
  return (
    <div className="max-w-[640px] py-3">
      <h2 className="text-[19px]">{title}</h2>
      <ul className="mt-2">
        {items.map((text) => (
          <li key={text} className="border-b border-rule py-2 text-[16px]">
            {text}
          </li>
        ))}
      </ul>
      {note ? <p className="mt-3 text-[14px] text-ink2">{note}</p> : null}
    </div>
  );
}
