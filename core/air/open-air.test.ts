import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { exposedClimateId, exposedFaceOf, faceHour, surfaceTemperature } from './exposed-face.ts';
import { simulatedForecast } from './simulated-weather.ts';
import { diffuseShare, globalIrradiance, lightOnFace, sunAt } from './sun.ts';

const at = (iso: string): number => Date.parse(iso);
const near = (actual: number, expected: number, within: number): void =>
  assert.ok(Math.abs(actual - expected) <= within, `${actual} is not within ${within} of ${expected}`);

test('the sun stands south at solar noon, as high as latitude and season say, and east in the morning', () => {
  // Solar noon on the prime meridian at the spring equinox is about 12:07 UTC.
  const noon = sunAt(at('2027-03-20T12:07:00Z'), 45, 0);
  near(noon.altitude, 45, 0.5);
  near(noon.bearing, 180, 1);
  const morning = sunAt(at('2027-03-20T07:00:00Z'), 45, 0);
  assert.ok(morning.bearing > 90 && morning.bearing < 120);
  assert.ok(sunAt(at('2027-03-20T00:00:00Z'), 45, 0).altitude < 0);
  // South of the equator it stands north.
  near((sunAt(at('2027-06-21T12:02:00Z'), -35, 0).bearing + 90) % 360, 90, 1.5);
});

test('light on level ground by hand: overhead 1098 · exp(−0.057), a quarter of it under full cloud, none at night', () => {
  near(globalIrradiance(90, 0), 1098 * Math.exp(-0.057), 1e-9);
  near(globalIrradiance(30, 0), 549 * Math.exp(-0.114), 1e-9);
  near(globalIrradiance(90, 1) / globalIrradiance(90, 0), 0.25, 1e-12);
  assert.equal(globalIrradiance(0, 0), 0);
  assert.equal(globalIrradiance(-20, 0), 0);
});

test('the diffuse share falls from cloud to clear, without a step where its formulas meet', () => {
  near(diffuseShare(0.22), diffuseShare(0.2201), 0.003);
  near(diffuseShare(0.8), diffuseShare(0.8001), 0.003);
  assert.ok(diffuseShare(0.1) > diffuseShare(0.5) && diffuseShare(0.5) > diffuseShare(0.75));
});

test('a face sees the sun only in front of it; one of unknown bearing lies in the shade', () => {
  const afternoon = { bearing: 225, altitude: 35 };
  const [towards, away, unknown] = [225, 45, null].map((bearing) => lightOnFace(afternoon, 0.1, bearing));
  assert.ok(towards!.direct > 400);
  assert.equal(away!.direct, 0);
  assert.equal(unknown!.direct, 0);
  assert.equal(away!.total, unknown!.total);
  assert.deepEqual(lightOnFace({ bearing: 225, altitude: -1 }, 0, 225), { total: 0, direct: 0 });
});

test('a dark face in the sun is warmer than a pale one, and wind cools it', () => {
  near(surfaceTemperature(12, 600, 0.9, 1), 12 + 540 / 14.5, 1e-9);
  assert.ok(surfaceTemperature(12, 600, 0.9, 1) > surfaceTemperature(12, 600, 0.2, 1));
  assert.ok(surfaceTemperature(12, 600, 0.9, 6) < surfaceTemperature(12, 600, 0.9, 1));
});

test('a wet film on a warm face meets drier air, and in the rain saturated air', () => {
  const weather = { temperature: 14, humidity: 70, wind: 1, cloud: 0.1, rain: 0 };
  const dry = faceHour(weather, { bearing: 180, altitude: 40 }, { bearing: 180, absorptance: 0.9 });
  assert.ok(dry.film.temperature > 25 && dry.film.humidity < 40);
  const wet = faceHour({ ...weather, rain: 0.4 }, { bearing: 180, altitude: 40 }, { bearing: 180, absorptance: 0.9 });
  assert.equal(wet.film.humidity, 100);
});

test('the id of a face in the open says all about it, to a degree and a twentieth', () => {
  fc.assert(
    fc.property(fc.option(fc.nat(359)), fc.nat(20), (bearing, twentieths) => {
      const face = { climateId: 'open-air', bearing, absorptance: twentieths / 20 };
      assert.deepEqual(exposedFaceOf(exposedClimateId(face)), face);
    }),
  );
  assert.equal(exposedFaceOf('workshop'), null);
});

test('the simulated weather repeats itself, stays within reason everywhere, and no eleven days are without rain', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -60, max: 65 }),
      fc.integer({ min: -180, max: 180 }),
      fc.nat(364),
      (latitude, longitude, day) => {
        const from = new Date(Date.UTC(2027, 0, 1 + day)).toISOString().slice(0, 10);
        const request = { latitude, longitude, timeZone: 'UTC', from, days: 11 };
        const hours = simulatedForecast(request);
        assert.equal(hours.length, 264);
        assert.deepEqual(simulatedForecast({ ...request, days: 1 }), hours.slice(0, 24));
        assert.ok(hours.every(({ temperature }) => temperature > -25 && temperature < 48));
        // Weather changes, but not by leaps.
        hours
          .slice(1)
          .forEach(({ temperature }, index) => assert.ok(Math.abs(temperature - hours[index]!.temperature) < 5));
        assert.ok(hours.some(({ rain }) => (rain ?? 0) > 0) && hours.some(({ rain }) => rain === 0));
      },
    ),
    { numRuns: 40, examples: [[-3, -76, 3]] },
  );
});

test('a forecast over the night when clocks change names every hour of the clock once', () => {
  const place = { latitude: 50, longitude: 10, timeZone: 'Europe/Berlin', days: 1 };
  const spring = simulatedForecast({ ...place, from: '2027-03-28' }).map((hour) => hour.at);
  assert.equal(spring.length, 23);
  assert.ok(!spring.includes('2027-03-28T02:00'));
  assert.equal(new Set(simulatedForecast({ ...place, from: '2027-10-31' }).map((hour) => hour.at)).size, 24);
});
