import { useState } from 'react';
import { foldedSvg } from '@/core/metal/flat/folded-svg';
import { patternSvg } from '@/core/metal/flat/pattern-svg';
import type { DrawnPart } from '@/core/phases/plan/metal';
import { metalPatternText } from '@/core/phases/plan/metal-text';
import { moment, q, value } from '@/core/words/said';
import { paperOf } from '@/web/api/circuit-path';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';
import { patternDxf } from './pattern-dxf';

const addressOf = (type: string, data: string): string => `data:${type};charset=utf-8,${encodeURIComponent(data)}`;
const START_DEG = 35;

/** One part: flat with its lengths, folded up and turned, what the shop asks, its files, and the answer to its drawing. */
export function PartDrawing({ view, of }: { view: JobView; of: DrawnPart }) {
  const [turnDeg, setTurn] = useState(START_DEG);
  const [asking, setAsking] = useState(false);
  const { part, drawn, shop, answer } = of;
  const { sheet } = view;
  if (!drawn.ok || !shop) return drawn.ok ? null : <Notice kind="look-again">{say(drawn.refused.message)}</Notice>;
  const words = metalPatternText(part, sheet.job.number);
  const text = { title: say(words.title), warning: say(words.warning), piece: (id: string) => say(words.piece(id)) };
  const flat = patternSvg(drawn.pieces, text);
  const file = `job-${sheet.job.number}-${part.body.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}`;
  const approved = answer?.body.said === 'approved' || answer?.body.said === 'approved with changes';
  return (
    <div className="mt-3 grid gap-3" data-testid="pattern">
      <div className="grid gap-3 xl:grid-cols-[3fr_2fr]">
        <img
          src={addressOf('image/svg+xml', flat)}
          alt={text.title}
          className="max-h-[420px] w-full border border-rule bg-[#fff] object-contain"
        />
        <div>
          <img
            src={addressOf('image/svg+xml', foldedSvg(drawn.pieces, turnDeg))}
            alt={t('web.folded-up')}
            className="h-[240px] w-full border border-rule bg-sheet object-contain p-2"
            data-testid="folded"
          />
          <label className="mt-1 block text-[13px]">
            {t('web.turn-it')}
            <input
              type="range"
              min={0}
              max={359}
              value={turnDeg}
              onChange={(e) => setTurn(Number(e.target.value))}
              className="h-11 w-full accent-[var(--copper)]"
            />
          </label>
        </div>
      </div>
      <p className="text-[14px]" data-testid="pattern-test">
        {t(shop.test.holds ? 'web.folds-back' : 'web.does-not-fold-back', { off: q(shop.test.worstIn, 'in', 3) })}
      </p>
      <p className="text-[14px] text-ink2">
        {t('web.sheet-and-weight', {
          ft2: q(shop.sheetFt2, 'ft2', 1),
          gauge: part.body.gauge,
          lb: q(shop.weightLb, 'lb', 1),
        })}
      </p>
      {shop.split ? (
        <p className="text-[14px]">
          {t('web.longer-than-the-brake', { pieces: shop.split.pieces, each: q(shop.split.eachIn, 'in') })}
        </p>
      ) : null}
      <p className="flex items-center gap-2 text-[14.5px]" data-testid="approval">
        <Mark kind={answer ? (approved ? 'good' : 'look-again') : 'not-proven'} />
        {say(
          answer
            ? tell('web.drawing-answered', {
                said: value(answer.body.said),
                who: answer.body.who,
                at: moment(answer.at),
              })
            : tell('web.drawing-not-asked'),
        )}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setAsking(true)}>{t('web.write-what-was-said')}</Button>
        {shop.test.holds ? (
          <>
            <FileLink href={paperOf(sheet, `metal/${part.id}.pdf`)} label={t('web.shop-drawing')} />
            <FileLink href={addressOf('image/svg+xml', flat)} save={`${file}.svg`} label="SVG" />
            <FileLink
              href={addressOf('image/vnd.dxf', patternDxf(drawn.pieces, text))}
              save={`${file}.dxf`}
              label="DXF"
            />
          </>
        ) : null}
      </div>
      <Notice kind="look-again">{t('web.gloves-eyes-deburr')}</Notice>
      {asking ? (
        <EntrySheet view={view} kind="shop-drawing" preset={{ partId: part.id }} onClose={() => setAsking(false)} />
      ) : null}
    </div>
  );
}

const FileLink = ({ href, label, save }: { href: string; label: string; save?: string }) => (
  <a
    href={href}
    {...(save ? { download: save } : { target: '_blank', rel: 'noreferrer' })}
    className="touch inline-flex items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
  >
    {label}
  </a>
);
