import { useEffect, useRef, useState } from 'react';
import SignaturePad from 'signature_pad';
import { t } from '@/web/words/tell';
import { Button } from './Button';
import { INK_HEIGHT, INK_WIDTH, inkOf } from './ink';

/** A field to sign in with a finger, a pen or a mouse. */
export function Signature({ onChange }: { onChange: (ink: string | null) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad>(undefined);
  const given = useRef(onChange);
  given.current = onChange;
  const [empty, setEmpty] = useState(true);

  useEffect(() => {
    const element = canvas.current!;
    const ratio = Math.max(1, window.devicePixelRatio);
    element.width = element.offsetWidth * ratio;
    element.height = element.offsetHeight * ratio;
    element.getContext('2d')!.scale(ratio, ratio);
    const own = new SignaturePad(element, { penColor: getComputedStyle(element).color, minDistance: 4 });
    pad.current = own;
    const ended = (): void => {
      setEmpty(own.isEmpty());
      given.current(inkOf(own.toData(), element.offsetWidth, element.offsetHeight));
    };
    own.addEventListener('endStroke', ended);
    return () => {
      own.removeEventListener('endStroke', ended);
      own.off();
    };
  }, []);

  return (
    <div>
      <div className="relative">
        <canvas
          ref={canvas}
          data-testid="signature"
          aria-label={t('web.sign-here')}
          className="h-[140px] w-full touch-none border-[1.5px] border-ink bg-sheet text-ink"
        />
        <span className="pointer-events-none absolute right-3 bottom-7 left-3 border-b border-rule" />
        {empty ? (
          <span className="pointer-events-none absolute bottom-9 left-4 text-[13px] text-ink2">
            {t('web.sign-here')}
          </span>
        ) : null}
      </div>
      <Button
        tone="quiet"
        className="text-[13px]"
        onClick={() => {
          pad.current?.clear();
          setEmpty(true);
          onChange(null);
        }}
      >
        {t('web.clear-and-sign-again')}
      </Button>
    </div>
  );
}

/** A stored signature. */
export function Ink({ ink }: { ink: string }) {
  return (
    <svg
      viewBox={`0 0 ${INK_WIDTH} ${INK_HEIGHT}`}
      className="h-[42px] w-[120px]"
      role="img"
      aria-label={t('web.signature')}
    >
      <path d={ink} fill="none" stroke="var(--ink)" strokeWidth="3" strokeLinecap="round" strokeLinejoin="round" />
    </svg>
  );
}
