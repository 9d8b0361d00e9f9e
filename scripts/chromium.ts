import { existsSync } from 'node:fs';

/** Without windows and what belongs to them Chromium needs a sixth less time. */
const PLACES = [
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/** Where this machine keeps its Chromium; `CHROMIUM` in the environment comes first. Throws where there is none. */
export function chromiumPath(): string {
  const found = [process.env.CHROMIUM, ...PLACES].find((place) => place && existsSync(place));
  if (!found)
    throw new Error(
      'No Chromium here. Install Debian’s (apt-get install chromium-headless-shell), or set CHROMIUM to its path.',
    );
  return found;
}

/** For a browser that is alone with the application: no sandbox as root, nothing fetched in the background. */
export const CHROMIUM_ARGUMENTS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
