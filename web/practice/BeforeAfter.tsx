import { useState } from 'react';
import type { SystemResult } from '@/core/practice/result';
import { figuresOf } from '@/core/practice/system-facts';
import type { SystemView } from '@/core/practice/view';
import { cyclePoints } from '@/core/startup/cycle-points';
import { TemperatureLadder } from '@/web/bench/ladder/TemperatureLadder';
import { PhSheet } from '@/web/bench/ph/PhSheet';
import { Choice } from '@/web/kit/Choice';
import { t } from '@/web/words/tell';

/** The system as it was found and as it reads when it is right: both cycles on one sheet, one ladder at a time. */
export function BeforeAfter({ view, result }: { view: SystemView; result: SystemResult }) {
  const [shown, setShown] = useState<'before' | 'after'>('before');
  const { facts } = view;
  const { refrigerant, barometerPsia } = facts;
  const [before, after] = [result.before, result.after].map((r) => cyclePoints(refrigerant, r, barometerPsia));
  const readings = result[shown];
  return (
    <section>
      <h3 className="text-[19px] font-[680]">{t('web.as-found-and-as-it-should-be')}</h3>
      <div className="mt-2">
        <Choice
          label={t('web.ladder-of')}
          value={shown}
          options={[
            { value: 'before', label: t('web.as-it-was-found') },
            { value: 'after', label: t('web.as-it-reads-when-right') },
          ]}
          onChange={setShown}
        />
      </div>
      <div className="mt-2 h-[460px]">
        <TemperatureLadder
          readings={readings}
          figures={figuresOf(facts, readings, undefined)}
          verdicts={{}}
          selected="subcooling"
          onSelect={() => undefined}
          dim={false}
        />
      </div>
      {after ? (
        <div className="mt-4">
          <p className="text-[14px] text-ink2">{t('web.dashed-is-as-found')}</p>
          <PhSheet refrigerant={refrigerant} barometerPsia={barometerPsia} now={after} before={before} />
        </div>
      ) : null}
    </section>
  );
}
