import { useLayoutEffect, useRef, useState } from 'react';

/** The same functions for as long as the component is there, which do what those of the last drawing do. */
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
