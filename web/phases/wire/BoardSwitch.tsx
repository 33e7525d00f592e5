import { deviceWords } from '@/core/phases/wire/names';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { DrawnSwitch } from './board-layout';
import { pressed } from './pressed';

/** A safety in its line, closed or held open: pressed to open and close it. */
export function BoardSwitch({
  drawn: { device, from, to },
  open,
  onPress,
}: {
  drawn: DrawnSwitch;
  open: boolean;
  onPress: () => void;
}) {
  const upright = from.x === to.x;
  const mid = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const jumper = device === 'jumper';
  const arm = open ? { x: upright ? 12 : 9, y: upright ? 9 : -13 } : { x: upright ? 3 : 9, y: upright ? 9 : -2 };
  return (
    <g
      {...pressed(onPress)}
      aria-label={t(open ? 'web.close-the' : 'web.open-the', { device: deviceWords(device) })}
      data-testid={`switch-${device}`}
    >
      <rect x={mid.x - 24} y={mid.y - 20} width={48} height={40} fill="transparent" />
      <path
        d={`M${from.x} ${from.y}L${upright ? mid.x : mid.x - 9} ${upright ? mid.y - 9 : mid.y}M${upright ? mid.x : mid.x + 9} ${upright ? mid.y + 9 : mid.y}L${to.x} ${to.y}`}
        stroke="var(--ink)"
        strokeWidth="2.4"
        fill="none"
      />
      <path
        d={
          upright
            ? `M${mid.x} ${mid.y - 9}L${mid.x + arm.x} ${mid.y + arm.y}`
            : `M${mid.x - 9} ${mid.y}L${mid.x + arm.x} ${mid.y + arm.y}`
        }
        stroke={open ? 'var(--copper)' : 'var(--ink)'}
        strokeWidth="3"
      />
      {jumper ? null : (
        <text
          x={upright ? mid.x + 15 : from.x + 20}
          y={mid.y + (upright ? 5 : 27)}
          fontSize="12.5"
          fill={open ? 'var(--copper)' : 'var(--ink2)'}
        >
          {say(deviceWords(device))}
        </text>
      )}
    </g>
  );
}
