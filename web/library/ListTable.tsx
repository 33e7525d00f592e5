import type { ReactNode } from 'react';

type Props<Row> = {
  about: string;
  heads: readonly string[];
  rows: readonly Row[];
  keyOf: (row: Row) => string;
  /** What stands in each column, and how it looks where it is not plain. */
  cells: (row: Row) => readonly ReactNode[];
  looks?: Readonly<Record<number, string>>;
};

/** A list of the library as it came from its file. */
export const ListTable = <Row,>({ about, heads, rows, keyOf, cells, looks = {} }: Props<Row>) => (
  <>
    <p className="mt-2 max-w-[640px] text-[14px] text-ink2">{about}</p>
    <table className="mt-2 w-full max-w-[860px] text-[14.5px]">
      <thead>
        <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
          {heads.map((h) => (
            <th key={h} className="py-1 pr-4 font-[550]">
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={keyOf(row)} className="border-b border-rule">
            {cells(row).map((cell, i) => (
              <td key={heads[i]} className={`py-2 pr-4 ${looks[i] ?? ''}`}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </>
);
