import { cylinderChecks } from '@/core/circuit/recovery/cylinder';
import { HOT_F } from '@/core/circuit/recovery/cylinder-fill';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { CylinderPicture } from '@/web/bench/cylinder/CylinderPicture';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { Recovery } from './use-recovery';

/** The cylinder that fills, how full it is, and what speaks against it; or why there is none. */
export function CylinderSide({ of }: { of: Recovery }) {
  const { cylinder, fill, contents, share, toCome, refrigerant, today, rec } = of;
  if (!cylinder || !fill)
    return (
      <p className="max-w-[34ch] text-ink2">
        {say(
          rec.old
            ? tell(of.othersElsewhere ? 'web.no-cylinder-here-takes-it' : 'web.no-recovery-cylinder-on-ledger-takes')
            : tell('web.cylinder-shows-here-once-old-refrigerant'),
        )}
      </p>
    );
  const checks = cylinderChecks({ ...cylinder, contentsOz: contents }, refrigerant as Refrigerant, toCome, today);
  return (
    // While the old unit is pumped down the steps are what the hand needs; the cylinder waits below them.
    <div className={of.pumpingDown ? 'max-lg:order-last' : ''}>
      <CylinderPicture
        tag={cylinder.tag}
        refrigerant={cylinder.refrigerant}
        contentsOz={contents}
        limitOz={fill.limitOz}
        liquidShare={share?.(77)}
        hotShare={share?.(HOT_F)}
        expectedOz={toCome}
        psig={of.shows('cylinderPsig')}
        temperatureF={of.shows('cylinderF')}
      />
      <ul className="max-w-[270px]">
        {checks.map((c) => (
          <li key={c.id} className="grid grid-cols-[22px_1fr] py-0.5 text-[14px] leading-snug">
            <Mark kind={c.verdict} /> {say(c.claim)}
          </li>
        ))}
      </ul>
    </div>
  );
}
