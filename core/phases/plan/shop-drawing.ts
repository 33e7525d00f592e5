import { DISCLAIMER, type Report } from '@/core/job/report-parts';
import type { JobSheet } from '@/core/job/sheet';
import { patternSvg } from '@/core/metal/flat/pattern-svg';
import { metalParts } from '@/core/phases/plan/metal';
import { metalPatternText } from '@/core/phases/plan/metal-text';
import { tell } from '@/core/phases/plan/words';
import { day, type Label, list, moment, q, value } from '@/core/words/said';

/**
 * The drawing of one part on a page: flat with its lengths, what the shop needs to know, what was said of it.
 *
 * @param speak the words on the drawing, in the language of the paper
 * @returns undefined where there is no such part, or where it does not fold back
 */
export function shopDrawing(
  sheet: JobSheet,
  partId: string,
  company: string,
  speak: (said: Label) => string,
): Report | undefined {
  const found = metalParts(sheet).find((p) => p.part.id === partId);
  if (!found?.drawn.ok || !found.shop?.test.holds) return undefined;
  const { part, drawn, shop, answer } = found;
  const words = metalPatternText(part, sheet.job.number);
  const said = answer?.body.said;
  return {
    title: tell('metalpart.drawing'),
    status: said === 'approved' || said === 'approved with changes' ? 'signed' : 'draft',
    statusSay: answer
      ? tell('metalpart.answered', { said: value(answer.body.said), who: answer.body.who, at: moment(answer.at) })
      : tell('metalpart.not-approved-yet'),
    simulated: null,
    facts: [
      [tell('metalpart.by'), company],
      [tell('metalpart.for-job'), list([String(sheet.job.number), day(sheet.job.scheduledFor)])],
      [tell('metalpart.site'), `${sheet.site.address}, ${sheet.site.town}`],
      [tell('metalpart.part'), words.title],
    ],
    drawings: [
      {
        title: tell('metalpart.flat'),
        svg: patternSvg(drawn.pieces, {
          title: speak(words.title),
          warning: speak(words.warning),
          piece: (id) => speak(words.piece(id)),
        }),
      },
    ],
    tables: [
      {
        title: tell('metalpart.for-the-shop'),
        columns: [tell('metalpart.what'), tell('metalpart.figure')],
        rows: [
          [tell('metalpart.sheet'), q(shop.sheetFt2, 'ft2', 1)],
          [tell('metalpart.weight'), q(shop.weightLb, 'lb', 1)],
          [tell('metalpart.longest-bend'), q(shop.longestBendIn, 'in')],
          ...(shop.split
            ? [
                [
                  tell('metalpart.brake-is-shorter'),
                  tell('metalpart.in-pieces', { n: shop.split.pieces, each: q(shop.split.eachIn, 'in') }),
                ],
              ]
            : []),
          [tell('metalpart.folded-back'), tell('metalpart.off-by', { off: q(shop.test.worstIn, 'in', 3) })],
          ...(answer?.body.note ? [[tell('metalpart.note'), answer.body.note]] : []),
        ],
      },
    ],
    notes: [tell('metalpart.gloves-eyes-deburr'), tell('metalpart.air-and-inside'), DISCLAIMER],
  };
}
