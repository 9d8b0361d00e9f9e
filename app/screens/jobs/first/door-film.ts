/**
 * What the first page shows of a coat of waterborne enamel, laid on Monday at 15:00 in a workshop that is 18 °C by day
 * and 8 °C by night: hours after that, by the drying clocks of the core. Worked out beforehand, since the first page does
 * without the core; a test compares.
 */
export const DOOR_FILM = { warmest: 18, coldest: 8, tinRecoat: 14, touch: 4.9, recoat: 31.2, rehang: 146.7 } as const;

/** A moment of the film: when it is, what can be seen, and how the coat is then. */
export interface FilmFrame {
  when: string;
  words: string;
  state: 'wet' | 'tacky' | 'ready' | 'hung';
}

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const BEGUN = 15;

/** As in “Tue 22:12”, so many hours after Monday 15:00. */
function dayTime(hours: number): string {
  const at = Math.round((BEGUN + hours) * 60);
  const clock = `${String(Math.floor((at % 1440) / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
  return `${DAYS[Math.floor(at / 1440)] ?? ''} ${clock}`;
}

/** The film in its order. */
export const FILM_FRAMES: readonly FilmFrame[] = [
  { when: dayTime(0), words: 'second coat on', state: 'wet' },
  { when: dayTime(DOOR_FILM.touch), words: 'touch dry', state: 'tacky' },
  {
    when: dayTime(DOOR_FILM.tinRecoat),
    words: `the tin says recoat. At ${DOOR_FILM.coldest} °C: not yet`,
    state: 'tacky',
  },
  { when: dayTime(DOOR_FILM.recoat), words: 'now it takes a coat', state: 'ready' },
  { when: dayTime(DOOR_FILM.rehang), words: 'it hangs', state: 'hung' },
];
