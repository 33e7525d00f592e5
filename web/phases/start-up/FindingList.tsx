import { stands } from '@/core/finding/accepted';
import { type Finding, VERDICT_WORDS } from '@/core/finding/finding';
import { FIGURE_IDS, type FigureId, type Figures } from '@/core/startup/figure';
import { shown } from '@/core/units/format';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** Findings in the order of the work. Those with a number open its working. */
export function FindingList({
  findings,
  accepted,
  figures,
  selected,
  onSelect,
}: {
  findings: readonly Finding[];
  /** Those by id that lead and customer let stand. */
  accepted: readonly string[];
  figures: Figures;
  selected: FigureId;
  onSelect: (id: FigureId) => void;
}) {
  const rest = FIGURE_IDS.filter((id) => !findings.some((f) => figureOf(f) === id));
  return (
    <Part name={t('web.findings')}>
      <ul className="mt-1">
        {findings.map((f) => {
          const id = figureOf(f);
          return (
            <li key={f.id} className="border-b border-rule2">
              <Row id={id} selected={selected} onSelect={onSelect}>
                <span className="pt-[3px]">
                  <Mark kind={f.verdict} />
                </span>
                <span className="leading-snug">
                  <b className="font-[620]">
                    <span className="sr-only">{say(VERDICT_WORDS[f.verdict])}: </span>
                    {say(f.claim)}
                  </b>
                  {f.verdict !== 'good' ? <span className="block text-[13px] text-ink2">{say(f.because)}</span> : null}
                  {stands(f, accepted) ? (
                    <span className="block text-[13px] font-[620]">{t('web.accepted-against-advice')}</span>
                  ) : null}
                </span>
              </Row>
            </li>
          );
        })}
        {rest.map((id) => {
          const figure = figures.byId[id];
          if (figure.value === undefined) return null;
          return (
            <li key={id} className="border-b border-rule2">
              <Row id={id} selected={selected} onSelect={onSelect}>
                <span className="pt-[3px]">
                  <Mark kind="to-come" />
                </span>
                <span className="text-ink2">
                  {say(figure.label)} <b className="font-[620] text-ink">{shown(figure.value, figure.unit)}</b>{' '}
                  {figure.unit}
                </span>
              </Row>
            </li>
          );
        })}
      </ul>
    </Part>
  );
}

function figureOf(f: Finding): FigureId | undefined {
  if (f.id === 'airflow') return 'airflow-per-ton';
  if (f.id === 'over-rla') return 'compressor-amps';
  if (f.id === 'condensing-high') return 'condensing-over-ambient';
  return FIGURE_IDS.find((id) => id === f.id);
}

function Row({
  id,
  selected,
  onSelect,
  children,
}: {
  id: FigureId | undefined;
  selected: FigureId;
  onSelect: (id: FigureId) => void;
  children: React.ReactNode;
}) {
  const layout = 'grid min-h-[48px] w-full grid-cols-[22px_1fr] content-center gap-2 py-1.5 text-left';
  if (!id) return <div className={layout}>{children}</div>;
  return (
    <button
      type="button"
      aria-pressed={id === selected}
      onClick={() => onSelect(id)}
      className={`${layout} cursor-pointer max-lg:min-h-[48px] hover:bg-sheet aria-pressed:bg-sheet`}
    >
      {children}
    </button>
  );
}
