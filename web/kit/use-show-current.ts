import { useEffect, useRef } from 'react';

/** Scrolls a strip sideways so that its current link is in sight; the page itself does not move. */
export function useShowCurrent<T extends HTMLElement>(current: string) {
  const ref = useRef<T>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it looks again when another link becomes current
  useEffect(() => {
    const strip = ref.current;
    const link = strip?.querySelector<HTMLElement>('[aria-current="page"]');
    if (!strip || !link) return;
    const at = link.getBoundingClientRect().left - strip.getBoundingClientRect().left + strip.scrollLeft;
    strip.scrollLeft = at - (strip.clientWidth - link.offsetWidth) / 2;
  }, [current]);
  return ref;
}
