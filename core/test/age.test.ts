/** How long ago something was, as a person says it. */
import { expect, it } from 'vitest';
import { ageOf } from '@lentum/core/figures';
import { format } from '@lentum/core/units';

it.each([
  [0, '0 min'],
  [95, '95 min'],
  [119, '119 min'],
  [120, '2.0 h'],
  [888, '14.8 h'],
  [1160, '19.3 h'],
])('%i minutes are %s', (minutes, says) => {
  const age = ageOf('age', minutes * 60_000);
  expect(format(age.value, age.quantity, 'metric').replace(/\s/g, ' ')).toBe(says);
});
