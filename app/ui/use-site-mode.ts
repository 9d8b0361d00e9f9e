import { useEffect, useState } from 'react';

const KEY = 'nivel-site-mode';

/** High contrast for sunlight, kept on this device. */
export function useSiteMode(): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(() => localStorage.getItem(KEY) === 'on');
  useEffect(() => {
    document.documentElement.dataset.site = on ? 'on' : 'off';
    localStorage.setItem(KEY, on ? 'on' : 'off');
  }, [on]);
  return [on, setOn];
}
