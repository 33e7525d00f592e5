import { Button } from '@/web/kit/Button';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Props = { signed: boolean; kept: boolean; busy: boolean; onSave: () => void };

/** What comes next with a plate: read it and save it, until the charge is signed with it. */
export function PlateMove({ signed, kept, busy, onSave }: Props) {
  if (signed)
    return (
      <NextMoveBar
        kind="good"
        say={say(tell('web.charge-is-signed-with-this-plate'))}
        because={say(tell('web.what-was-signed-stays-as-it-2'))}
      />
    );
  return (
    <NextMoveBar
      kind="now"
      say={say(tell(kept ? 'web.read-plate-of-unit-that-stays' : 'web.check-it-against-plate-then-save'))}
      because={say(tell('web.every-number-here-feeds-charge-verdict'))}
    >
      <Button tone="primary" disabled={busy} onClick={onSave}>
        {say(tell('web.save-equipment'))}
      </Button>
    </NextMoveBar>
  );
}
