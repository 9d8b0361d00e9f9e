import { useEffect, useState } from 'react';

import { keepLocally, local } from '../keeping/local.ts';

const KEY = 'nivel-site-mode';

/** High contrast for sunlight, kept on this device. */
export function useSiteMode(): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(() => local.getItem(KEY) === 'on');
  useEffect(() => {
    document.documentElement.dataset.site = on ? 'on' : 'off';
    keepLocally(KEY, on ? 'on' : 'off');
  }, [on]);
  return [on, setOn];
}
