import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { JobLine } from './JobLine';
import type { JobRow } from './job-row';
import type { Unsent } from './use-unsent';

/** About the height of a line on a desk, px; each is measured once it is drawn. */
const LINE_PX = 62;
/** Drawn beyond the edge on either side: a quick thumb sees no gap, and Tab finds the next line. */
const BEYOND = 12;

/** A long list of jobs of which only what is in sight is drawn. */
export function WindowedJobs({ rows, unsent }: { rows: JobRow[]; unsent: Unsent }) {
  const list = useRef<HTMLUListElement>(null);
  const [topPx, setTopPx] = useState(0);
  // What stands above it can grow: a notice that came, a list of today.
  useLayoutEffect(() => setTopPx(list.current?.offsetTop ?? 0));
  const lines = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => LINE_PX,
    overscan: BEYOND,
    scrollMargin: topPx,
    getItemKey: (i) => rows[i]!.jobId,
  });
  return (
    <ul ref={list} className="relative" style={{ height: lines.getTotalSize() }}>
      {lines.getVirtualItems().map(({ key, index, start }) => (
        <li
          key={key}
          ref={lines.measureElement}
          data-index={index}
          aria-setsize={rows.length}
          aria-posinset={index + 1}
          className="absolute top-0 left-0 w-full border-b border-rule"
          style={{ transform: `translateY(${start - topPx}px)` }}
        >
          <JobLine row={rows[index]!} unsent={unsent.get(rows[index]!.jobId)} />
        </li>
      ))}
    </ul>
  );
}
