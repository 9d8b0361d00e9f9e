import { useMemo, useState } from 'react';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import { FACE_ORDERS } from '../../../core/sequence/face-orders.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import type { FaceSchool } from '../../../core/pieces/stroke-schools.ts';
import { counted } from '../../../core/units/sentence.ts';
import { DOOR, paintedDoor } from './edge-of-door.ts';
import { Range, Select } from './fields.tsx';

const ORDERS: readonly FaceSchool[] = definitionOf(DOOR.kind).schools;
const HANDS = [
  { value: 'first-timer', words: 'First time' },
  { value: 'professional', words: 'Trade' },
] as const;
type Skill = (typeof HANDS)[number]['value'];

const outline = (points: readonly (readonly [number, number])[]): string =>
  `M${points.map((point) => point.join(' ')).join('L')}Z`;
const minutes = (value: number): string => `${Math.round(value * 10) / 10} min`;

/** A door that is painted stroke by stroke while its edges set: for the guide, by the simulation of Sequence. */
export default function WetEdge() {
  const [order, setOrder] = useState<FaceSchool>(ORDERS[0] ?? 'panels-rails-stiles');
  const [skill, setSkill] = useState<Skill>('first-timer');
  const [temperature, setTemperature] = useState(21);
  const [share, setShare] = useState(60);
  const result = useMemo(() => paintedDoor(order, skill, temperature), [order, skill, temperature]);
  const [face] = elevationOf(DOOR).faces;
  const at = result.start + ((result.until - result.start) * share) / 100;
  const { worst, openTime } = result;
  const isLost = worst !== null && worst.age > worst.limit;
  const atJoints = result.laps.filter(({ state }) => state === 'stopped').length;
  return (
    <figure className="living living-side">
      {face && (
        <svg
          role="img"
          aria-label={`A door, ${share}% painted`}
          viewBox={`-10 -10 ${face.width + 20} ${face.height + 20}`}
          className="living-door"
        >
          <rect width={face.width} height={face.height} fill="var(--bare)" stroke="var(--ink)" strokeWidth="8" />
          {result.strokes.map(({ stroke, from, offAt }) => (
            <path
              key={stroke.id}
              d={outline(stroke.outline)}
              fill={from > at ? 'transparent' : at < offAt ? 'var(--wet)' : 'var(--tacky)'}
              fillOpacity="0.8"
              stroke="var(--ink)"
              strokeWidth="4"
            />
          ))}
        </svg>
      )}
      <div>
        <div className="living-fields">
          <Select
            label="Order"
            value={order}
            options={ORDERS.map((id) => ({ value: id, words: FACE_ORDERS[id].name }))}
            onChange={setOrder}
          />
          <Select label="Painter" value={skill} options={HANDS} onChange={setSkill} />
          <Range label="Temperature" unit=" °C" value={temperature} min={10} max={32} onChange={setTemperature} />
          <Range label="Painted" unit="%" value={share} min={0} max={100} onChange={setShare} />
        </div>
        <p role="status">
          An edge stays wet for {minutes(openTime)}.{' '}
          {worst && (
            <strong style={{ color: isLost ? 'var(--late)' : 'var(--ready)' }}>
              {isLost ? 'Wet edge lost' : 'Edges stay wet'}: the oldest lap is met after {minutes(worst.age)}.
            </strong>
          )}{' '}
          {atJoints > 0 && `${counted(atJoints, 'lap')} set at joints, where the line doesn’t show.`}
        </p>
        <figcaption>One face of a panelled door, acrylic enamel by brush, 50% RH. Blue: wet. Brown: set.</figcaption>
      </div>
    </figure>
  );
}
