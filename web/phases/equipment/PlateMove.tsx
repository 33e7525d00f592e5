import { Button } from '@/web/kit/Button';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { t } from '@/web/words/tell';

type Props = { signed: boolean; kept: boolean; busy: boolean; onSave: () => void };

/** What comes next with a plate: read it and save it, until the charge is signed with it. */
export function PlateMove({ signed, kept, busy, onSave }: Props) {
  if (signed)
    return (
      <NextMoveBar
        kind="good"
        say={t('web.charge-is-signed-with-this-plate')}
        because={t('web.what-was-signed-stays-as-it-2')}
      />
    );
  return (
    <NextMoveBar
      kind="now"
      say={t(kept ? 'web.read-plate-of-unit-that-stays' : 'web.check-it-against-plate-then-save')}
      because={t('web.every-number-here-feeds-charge-verdict')}
    >
      <Button tone="primary" disabled={busy} onClick={onSave}>
        {t('web.save-equipment')}
      </Button>
    </NextMoveBar>
  );
}
