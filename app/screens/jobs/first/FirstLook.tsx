import { DoorFilm } from './DoorFilm.tsx';
import './first.css';

/**
 * What Nivel does, in one look. Plain elements and links, so that it stands in the page before any script has run, and
 * stays as it is when the scripts are there.
 */
export function FirstLook() {
  return (
    <section className="first" aria-label="What Nivel does">
      <div className="first-stage">
        <div>
          <h1>From first look to rehung door.</h1>
          <p>
            Count what there is to paint. Nivel chooses the coats, says what to buy, plans the days around drying times,
            and tells you every morning what you may touch.
          </p>
          <div className="first-ways">
            <a href="/start">Start a job</a>
            <a href="/today?job=demo-linen-press">Open a demo</a>
            <a href="/practice">Practise</a>
            <a href="/guide">Read the guide</a>
          </div>
        </div>
        <DoorFilm />
      </div>
    </section>
  );
}
