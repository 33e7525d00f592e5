import { startTransition, useEffect, useState } from 'react';
import { serverNow } from '@/web/api/clock';

/** The device clock, once a second: staleness must show even when nothing arrives. */
export function useNow(): number {
  const [now, setNow] = useState(serverNow());
  useEffect(() => {
    const timer = setInterval(() => startTransition(() => setNow(serverNow())), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
