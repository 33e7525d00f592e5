import { EVIDENCE_WORDS, type Evidence, evidenceMark, evidenceSchema } from '@/core/scope/tonnage/tonnage-estimate';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useSize } from '../use-size';
import { layoutEvidence } from './evidence-layout';

const spokenWords = () =>
  Object.fromEntries(Object.entries(EVIDENCE_WORDS).map(([k, w]) => [k, say(w)])) as Record<
    keyof typeof EVIDENCE_WORDS,
    string
  >;

type Props = { evidence: readonly Evidence[]; tons: number; lowTons: number; highTons: number; conflict: boolean };

/** Evidence of a size: one mark an item with its spread, the fused range hatched over all of them. */
export function EvidenceAxis({ evidence, conflict, ...estimate }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const marks = evidence.map((e) => evidenceMark(evidenceSchema.parse(e)));
  const l = width > 0 ? layoutEvidence({ width, marks, words: spokenWords(), ...estimate }) : undefined;
  const narrow = (l?.left ?? 0) < 20;
  const tone = conflict ? 'var(--oxide)' : 'var(--pine)';
  return (
    <div ref={ref} className="w-full">
      {l ? (
        <svg
          width={l.width}
          height={l.height}
          role="img"
          aria-label={t('web.evidence-of-size-about-tons', { tons: estimate.tons.toFixed(1) })}
        >
          <defs>
            <pattern id="fused" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <path d="M0 0V6" stroke={tone} strokeWidth="1.2" opacity="0.55" />
            </pattern>
          </defs>
          {l.ticks.map((t) => (
            <g key={t.tons}>
              <line x1={t.x} x2={t.x} y1={20} y2={l.axisY} stroke="var(--rule)" />
              <text x={t.x} y={l.axisY + 16} textAnchor="middle" fontSize={12.5} fill="var(--ink2)">
                {t.tons}
              </text>
            </g>
          ))}
          <rect x={l.band.x0} width={l.band.x1 - l.band.x0} y={20} height={l.axisY - 20} fill="url(#fused)" />
          <line x1={l.band.x} x2={l.band.x} y1={16} y2={l.axisY} stroke={tone} strokeWidth={2.5} />
          <line x1={l.left} x2={l.right} y1={l.axisY} y2={l.axisY} stroke="var(--ink)" strokeWidth={1.5} />
          <text x={l.right} y={l.axisY + 34} textAnchor="end" fontSize={12.5} fill="var(--ink2)">
            {t('web.tons-logarithmic-lines-reach-90')}
          </text>
          {l.rows.map((r) => {
            const ink = r.apart ? 'var(--oxide)' : 'var(--ink)';
            return (
              <g key={`${r.kind}-${r.y}`}>
                <text x={narrow ? l.left : 0} y={narrow ? r.y - 27 : r.y + 5} fontSize={14} fontWeight={600} fill={ink}>
                  {r.label}
                </text>
                <line x1={r.x0} x2={r.x1} y1={r.y} y2={r.y} stroke={ink} strokeWidth={2} />
                <path d={`M${r.x0} ${r.y - 5}v10M${r.x1} ${r.y - 5}v10`} stroke={ink} strokeWidth={2} />
                <rect
                  x={r.x - 6}
                  y={r.y - 6}
                  width={12}
                  height={12}
                  fill={r.apart ? 'var(--paper)' : ink}
                  stroke={ink}
                  strokeWidth={2.5}
                />
                <text
                  x={r.x}
                  y={r.y - 10}
                  textAnchor="middle"
                  fontSize={13.5}
                  fontWeight={680}
                  fill={ink}
                  stroke="var(--paper)"
                  strokeWidth={4}
                  paintOrder="stroke"
                >
                  {r.tons.toFixed(1)}
                  {r.apart ? ' disagrees' : ''}
                </text>
              </g>
            );
          })}
        </svg>
      ) : null}
    </div>
  );
}
