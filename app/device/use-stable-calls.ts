import { useLayoutEffect, useRef, useState } from 'react';

/** Functions with a stable identity that always call the latest version passed in. */
export function useStableCalls<Calls extends { [Name in keyof Calls]: (...args: never[]) => unknown }>(
  calls: Calls,
): Calls {
  const latest = useRef(calls);
  useLayoutEffect(() => {
    latest.current = calls;
  });
  const [stable] = useState(() => {
    const names = Object.keys(calls) as (keyof Calls)[];
    return Object.fromEntries(
      names.map((name) => [name, (...args: never[]) => latest.current[name](...args)]),
    ) as Calls;
  });
  return stable;
}
