import { Button } from '@/web/kit/Button';

/** A figure of the simulated surroundings, a step up or down. */
export function Stepper({
  label,
  unit,
  value,
  step,
  onChange,
}: {
  label: string;
  unit: string;
  value: number;
  step: number;
  onChange: (value: number) => void;
}) {
  const next = (d: number): number => Math.round((value + d) * 100) / 100;
  return (
    <div className="grid grid-cols-[1fr_48px_84px_48px] items-center gap-1">
      <span className="text-[14px] leading-tight font-[600]">
        {label} <small className="block font-[450] text-ink2">{unit}</small>
      </span>
      <Button aria-label={`${label} down`} className="px-0" onClick={() => onChange(next(-step))}>
        −
      </Button>
      <b className="text-center text-[18px] font-[660]">{value}</b>
      <Button aria-label={`${label} up`} className="px-0" onClick={() => onChange(next(step))}>
        +
      </Button>
    </div>
  );
}
