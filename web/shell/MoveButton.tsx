import { useEffect, useState } from 'react';
import { Button } from '@/web/kit/Button';

/** A button that has just changed what it does takes no press for this long: a second tap was meant for the first. */
const SETTLE_MS = 400;

type Props = {
  label: string;
  busy?: boolean;
  tone?: 'primary' | 'plain';
  onPress: (() => void) | undefined;
};

/** The one button of a next move. Its meaning changes under the thumb, so a fresh meaning waits a moment. */
export function MoveButton(props: Props) {
  // An amount that counts down is the same move.
  return <Fresh key={props.label.replace(/[\d.,]+/g, '#')} {...props} />;
}

function Fresh({ label, busy = false, tone = 'primary', onPress }: Props) {
  const [settled, setSettled] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), SETTLE_MS);
    return () => clearTimeout(timer);
  }, []);
  return (
    <Button
      tone={tone}
      disabled={busy}
      aria-disabled={settled ? undefined : true}
      onClick={() => settled && onPress?.()}
    >
      {label}
    </Button>
  );
}
