import { useState } from 'react';
import { DEFAULT_COATINGS } from '../../../core/shelf/default-coatings.ts';
import { dryingHours } from './drying-hours.ts';
import { Range, Select } from './fields.tsx';

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
  const [product, setProduct] = useState<(typeof PRODUCTS)[number]>(PRODUCTS[1]);
  const [temperature, setTemperature] = useState(14);
  const [humidity, setHumidity] = useState(60);
  const found = dryingHours(product, temperature, humidity);
  const longest = Math.max(...found.map(({ tin, here }) => Math.max(tin, here ?? 0)));
  return (
    <figure className="living">
      <div className="living-fields">
        <Select
          label="Paint"
          value={product}
          options={PRODUCTS.map((id) => ({ value: id, words: nameOf(id) }))}
          onChange={setProduct}
        />
        <Range label="Temperature" unit=" °C" value={temperature} min={2} max={32} onChange={setTemperature} />
        <Range label="Humidity" unit="%" value={humidity} min={20} max={95} onChange={setHumidity} />
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
