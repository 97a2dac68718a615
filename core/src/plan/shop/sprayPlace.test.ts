import { describe, expect, it } from 'vitest';
import { sprayPlace } from './sprayPlace';

describe('where a rung is worked on', () => {
  it.each([
    // method, application, airbrush inside, place
    ['sprayCoat', 'aerosol', false, 'out'],
    ['sprayCoat', 'aerosol', true, 'out'],
    ['sprayCoat', 'airbrush', false, 'out'],
    ['sprayCoat', 'airbrush', true, 'in'],
    ['sprayCoat', null, true, 'out'],
    ['brushCoat', 'brush', false, 'in'],
    // A brush coat of what is otherwise airbrushed is no spraying.
    ['brushCoat', 'airbrush', false, 'in'],
    ['sand', null, true, 'in'],
  ] as const)('%s with %s, the airbrush inside: %s → %s', (methodId, application, airbrushesInside, place) => {
    expect(sprayPlace({ airbrushesInside }, methodId, application)).toBe(place);
  });
});
