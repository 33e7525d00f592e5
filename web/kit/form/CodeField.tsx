import { ScanBarcode } from 'lucide-react';
import { useRef, useState } from 'react';
import { Field as Input } from '@/web/kit/Field';
import { t } from '@/web/words/tell';

/** A picture wider than this is made smaller before its code is looked for, px. */
const WIDEST_PX = 1400;

/** A text that may stand as a code on a plate: typed, or read off a picture of it, on the device itself. */
export function CodeField({
  label,
  hint,
  value,
  error,
  onValue,
}: {
  label: string;
  hint: string | undefined;
  value: string;
  error: string | undefined;
  onValue: (value: string) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<'idle' | 'reading' | 'none'>('idle');

  async function read(file: File): Promise<void> {
    setState('reading');
    try {
      const found = await codeIn(file);
      if (found) onValue(found.slice(0, 60));
      setState(found ? 'idle' : 'none');
    } catch {
      setState('none');
    }
  }
  return (
    <div>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <Input label={label} hint={hint} value={value} onChange={(e) => onValue(e.target.value)} error={error} />
        <button
          type="button"
          disabled={state === 'reading'}
          aria-label={t('web.read-code-for', { label })}
          title={t('web.read-code-for', { label })}
          onClick={() => input.current?.click()}
          className="touch mb-[22px] grid w-12 cursor-pointer place-items-center border-[1.5px] border-rule text-copper"
        >
          <ScanBarcode size={22} />
        </button>
      </div>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        data-testid={`code-${label}`}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          e.target.value = '';
          if (file) void read(file);
        }}
      />
      {state === 'reading' ? <p className="text-[12.5px] text-ink2">{t('web.reading-the-code')}</p> : null}
      {state === 'none' ? (
        <p role="alert" className="text-[12.5px] font-[600] text-ochre">
          {t('web.no-code-found-type-it')}
        </p>
      ) : null}
    </div>
  );
}

/** The code in a picture; the reader comes to the device only when somebody needs it. */
async function codeIn(file: File): Promise<string | undefined> {
  const { luminance, readCode } = await import('./read-code');
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, WIDEST_PX / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const context = new OffscreenCanvas(width, height).getContext('2d')!;
  context.drawImage(bitmap, 0, 0, width, height);
  return readCode(luminance(context.getImageData(0, 0, width, height).data), width, height);
}
