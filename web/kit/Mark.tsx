import type { Verdict } from '@/core/finding/finding';

export type MarkKind = Verdict | 'override' | 'now' | 'to-come';

/** Verdicts by shape as well as colour: filled square, cut square, open squares, triangle, octagon, half square. */
export function Mark({ kind, size = 17 }: { kind: MarkKind; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 17 17" className="shrink-0" aria-hidden="true">
      {shape(kind)}
    </svg>
  );
}

function shape(kind: MarkKind) {
  switch (kind) {
    case 'good':
      return <rect x="2" y="2" width="13" height="13" fill="var(--pine)" />;
    case 'override':
      return (
        <>
          <rect x="2" y="2" width="13" height="13" fill="var(--pine)" />
          <path d="M2 15 15 2" stroke="var(--paper)" strokeWidth="2.2" />
        </>
      );
    case 'look-again':
      return <path d="M8.5 2 15.8 15H1.2Z" fill="none" stroke="var(--ochre)" strokeWidth="2.4" />;
    case 'stop':
      return <path d="M5.4 1.2h6.2l4.2 4.2v6.2l-4.2 4.2H5.4L1.2 11.6V5.4Z" fill="var(--oxide)" />;
    case 'not-proven':
      return (
        <>
          <rect
            x="2.2"
            y="2.2"
            width="12.6"
            height="12.6"
            fill="none"
            stroke="var(--ink2)"
            strokeWidth="1.8"
            strokeDasharray="3 2"
          />
          <path d="M5 8.5h7" stroke="var(--ink2)" strokeWidth="2" />
        </>
      );
    case 'now':
      return <rect x="2.5" y="2.5" width="12" height="12" fill="none" stroke="var(--copper)" strokeWidth="2.6" />;
    default:
      return <rect x="2.5" y="2.5" width="12" height="12" fill="none" stroke="var(--faint)" strokeWidth="1.3" />;
  }
}
