import { useSearchParams } from 'react-router';

/** One value that stands in the address, so that Back, a reload and a link find the list as it was left. */
export function useAddress(
  name: string,
): readonly [value: string | undefined, put: (value: string | undefined) => void] {
  const [params, setParams] = useSearchParams();
  const put = (value: string | undefined): void =>
    setParams(
      (now) => {
        now.delete(name);
        if (value) now.set(name, value);
        return now;
      },
      { replace: true },
    );
  return [params.get(name) ?? undefined, put];
}
