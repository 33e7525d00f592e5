import { useState } from 'react';
import { type StackPattern, stackPatterns } from '@/core/fit/stack/pattern';
import type { Stack } from '@/core/fit/stack/stack';
import { splitForBrake } from '@/core/metal/flat/brake';
import { areaOf, cutOutline } from '@/core/metal/flat/panel';
import { patternSvg } from '@/core/metal/flat/pattern-svg';
import { selfTest } from '@/core/metal/flat/self-test';
import { flatTransition } from '@/core/metal/flat/transition-flat';
import { GAUGES, IN2_PER_FT2 } from '@/core/metal/sheet-gauge';
import { q, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** Sheet that ducts of a house are made of (common practice). */
const GAUGE = 26;

/** The sheet-metal patterns that this stack asks for: one tap from its own figures. */
export function PatternPart({ record, number }: { record: Stack; number: number }) {
  const [open, setOpen] = useState<StackPattern>();
  const patterns = stackPatterns(record);
  if (patterns.length === 0) return null;
  return (
    <section aria-label={say(tell('web.patterns'))}>
      <h2 className="text-[15px] font-[680]">{say(tell('web.patterns'))}</h2>
      <div className="mt-1 flex flex-wrap gap-2">
        {patterns.map((p) => (
          <Button key={p.end} onClick={() => setOpen(p)}>
            {say(tell('web.draw-transition-at', { end: value(p.end) }))}
          </Button>
        ))}
      </div>
      {open ? <PatternSheet pattern={open} number={number} onClose={() => setOpen(undefined)} /> : null}
    </section>
  );
}

type SheetProps = { pattern: StackPattern; number: number; onClose: () => void };

/** One transition, flat: cut lines, bends, lengths; folded back before it is shown. */
function PatternSheet({ pattern: { end, shape }, number, onClose }: SheetProps) {
  const panels = flatTransition(shape);
  const test = selfTest(panels);
  const sheetFt2 = panels.reduce((sum, p) => sum + areaOf(cutOutline(p)), 0) / IN2_PER_FT2;
  const split = splitForBrake(Math.max(...shape.bottomIn, ...shape.topIn));
  const title = say(
    tell('web.transition-for-job', {
      number: String(number),
      end: value(end),
      from: `${shape.bottomIn[0]} × ${shape.bottomIn[1]}`,
      to: `${shape.topIn[0]} × ${shape.topIn[1]}`,
      high: q(shape.heightIn, 'in'),
    }),
  );
  const svg = patternSvg(panels, {
    title,
    warning: say(tell('web.cut-a-test-strip-first')),
    panel: (id) => say(tell('web.side-of', { id })),
  });
  const address = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  return (
    <Sheet open onClose={onClose} title={title}>
      <div className="grid gap-3" data-testid="pattern">
        <img src={address} alt={title} className="w-full border border-rule bg-[#fff]" />
        <p className="text-[14px]" data-testid="pattern-test">
          {say(
            test.holds
              ? tell('web.folds-back', { off: q(test.worstIn, 'in', 3) })
              : tell('web.does-not-fold-back', { off: q(test.worstIn, 'in', 3) }),
          )}
        </p>
        <p className="text-[14px] text-ink2">
          {say(
            tell('web.sheet-and-weight', {
              ft2: q(sheetFt2, 'ft2', 1),
              gauge: String(GAUGE),
              lb: q(sheetFt2 * GAUGES[GAUGE].lbFt2, 'lb', 1),
            }),
          )}
        </p>
        {split ? (
          <p className="text-[14px]">
            {say(tell('web.longer-than-the-brake', { pieces: split.pieces, each: q(split.eachIn, 'in') }))}
          </p>
        ) : null}
        <Notice kind="look-again">{say(tell('web.gloves-eyes-deburr'))}</Notice>
        {test.holds ? (
          <a
            href={address}
            download={`job-${number}-${end}-transition.svg`}
            className="touch inline-flex items-center justify-center bg-copper px-6 font-[650] text-on-copper"
          >
            {say(tell('web.download-svg'))}
          </a>
        ) : null}
      </div>
    </Sheet>
  );
}
