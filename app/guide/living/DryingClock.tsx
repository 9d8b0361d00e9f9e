import { useId, useState } from 'react';
import { DEFAULT_COATINGS } from '../../../core/shelf/default-coatings.ts';
import { dryingHours } from './drying-hours.ts';

const PRODUCTS = ['enamel-acrylic', 'enamel-alkyd-wb', 'enamel-oil', 'prime-bond-wb'] as const;
const nameOf = (id: string): string => DEFAULT_COATINGS.find((coating) => coating.id === id)?.name ?? id;

const hoursWords = (hours: number): string =>
  hours < 10
    ? `${Math.round(hours * 10) / 10} h`
    : hours < 72
      ? `${Math.round(hours)} h`
      : `${Math.round(hours / 24)} days`;

/** How long a coat takes in other air than its tin’s: for the guide, by the clocks that plan real jobs. */
export default function DryingClock() {
  const [product, setProduct] = useState<string>(PRODUCTS[1]);
  const [temperature, setTemperature] = useState(14);
  const [humidity, setHumidity] = useState(60);
  const field = useId();
  const found = dryingHours(product, temperature, humidity);
  const longest = Math.max(...found.map(({ tin, here }) => Math.max(tin, here ?? 0)));
  return (
    <figure className="living">
      <div className="living-fields">
        <label htmlFor={`${field}-product`}>Paint</label>
        <select id={`${field}-product`} value={product} onChange={(event) => setProduct(event.target.value)}>
          {PRODUCTS.map((id) => (
            <option key={id} value={id}>
              {nameOf(id)}
            </option>
          ))}
        </select>
        <label htmlFor={`${field}-temperature`}>Temperature: {temperature} °C</label>
        <input
          id={`${field}-temperature`}
          type="range"
          min={2}
          max={32}
          value={temperature}
          onChange={(event) => setTemperature(Number(event.target.value))}
        />
        <label htmlFor={`${field}-humidity`}>Humidity: {humidity}%</label>
        <input
          id={`${field}-humidity`}
          type="range"
          min={20}
          max={95}
          value={humidity}
          onChange={(event) => setHumidity(Number(event.target.value))}
        />
      </div>
      <table role="status">
        <thead>
          <tr>
            <th scope="col">Stage</th>
            <th scope="col">Tin</th>
            <th scope="col">Here</th>
            <th scope="col" aria-label="Drawn" />
          </tr>
        </thead>
        <tbody>
          {found.map(({ name, tin, here }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{hoursWords(tin)}</td>
              <td>
                <strong>{here === null ? 'not at all' : hoursWords(here)}</strong>
              </td>
              <td className="living-bar">
                <span
                  style={{
                    width: `${(100 * (here ?? longest)) / longest}%`,
                    background: here === null ? 'var(--late)' : 'var(--wet)',
                  }}
                />
                <span style={{ width: `${(100 * tin) / longest}%`, background: 'var(--vial-deep)' }} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <figcaption>Tin hours are for 23 °C and 50% RH. Blue: in this air. Green: the tin.</figcaption>
    </figure>
  );
}
