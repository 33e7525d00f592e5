import type { ReactNode } from 'react';
import { useSize } from '../use-size';

/** The paper a drawing stands on: as wide as its place, as tall as asked, with hatchings to share. */
export function Paper({
  label,
  height,
  children,
  id,
}: {
  label: string;
  height: number | ((width: number) => number);
  children: (width: number, height: number) => ReactNode;
  id: string;
}) {
  const { ref, width } = useSize<HTMLDivElement>();
  const h = typeof height === 'function' ? height(width) : height;
  return (
    <div ref={ref} className="w-full overflow-hidden" data-testid={`drawing-${id}`}>
      {width > 0 ? (
        <svg width={width} height={h} role="group" aria-label={label} className="block touch-pan-y select-none">
          <defs>
            {(
              [
                ['wall', 'var(--ink)', 0.45],
                ['pine', 'var(--pine)', 0.5],
                ['copper', 'var(--copper)', 0.5],
                ['oxide', 'var(--oxide)', 0.55],
                ['ochre', 'var(--ochre)', 0.55],
                ['soft', 'var(--ink2)', 0.3],
              ] as const
            ).map(([name, tone, opacity]) => (
              <pattern
                key={name}
                id={`${id}-${name}`}
                width="7"
                height="7"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <path d="M0 0V7" stroke={tone} strokeWidth="1.4" opacity={opacity} />
              </pattern>
            ))}
          </defs>
          {children(width, h)}
        </svg>
      ) : null}
    </div>
  );
}
