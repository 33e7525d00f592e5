import type { pressureView } from '@/core/phases/pressure-test/view';
import { t } from '@/web/words/tell';

/** A hold that was read by hand: its two readings, and what lies between them. */
export function TypedHold({ test }: { test: ReturnType<typeof pressureView> }) {
  const { start, end, minutes, clock, verdict } = test.hold!;
  return (
    <table className="max-w-[620px]">
      <tbody>
        <Row
          label={t('web.started')}
          value={`${start.body.psig.toFixed(1)} psig`}
          note={t('web.pipe-f', { pipeF: start.body.pipeF.toFixed(1) })}
        />
        {end ? (
          <Row
            label={t('web.ended')}
            value={`${end.body.psig.toFixed(1)} psig`}
            note={t('web.pipe-f', { pipeF: end.body.pipeF.toFixed(1) })}
          />
        ) : null}
        {verdict ? (
          <>
            <Row
              label={t('web.temperature-explains')}
              value={`${verdict.expectedPsig.toFixed(1)} psig`}
              note={t('web.real-gas')}
            />
            <Row
              label={t('web.difference')}
              value={`${verdict.deltaPsi >= 0 ? '+' : '−'}${Math.abs(verdict.deltaPsi).toFixed(1)} psi`}
              note={t('web.psi-by-gauge-and-thermometer', { uncertaintyPsi: verdict.uncertaintyPsi.toFixed(1) })}
            />
            <Row
              label={t('web.held')}
              value={`${minutes?.toFixed(0)} min`}
              note={clock === 'clock' ? t('web.by-clocks-of-two-readings') : ''}
            />
          </>
        ) : null}
      </tbody>
    </table>
  );
}

function Row({ label, value, note }: { label: string; value: string; note: string }) {
  return (
    <tr className="border-b border-rule2">
      <td className="py-1.5 pr-4">{label}</td>
      <td className="py-1.5 pr-4 text-right text-[20px] font-[660]">{value}</td>
      <td className="py-1.5 text-[13.5px] text-ink2">{note}</td>
    </tr>
  );
}
