/** Rules of a form come from the schema that keeps its data. */
import { describe, expect, it } from 'vitest';
import { jobHeadSchema } from '@lentum/core/job';
import { wrongPart, zodRules } from '../src/shared/zodrules.ts';

const head = { name: 'Quay', place: '', timeZone: 'Europe/Lisbon', units: 'metric' };

describe('a part of the data', () => {
  it.each([
    [head, 'name', undefined],
    [{ ...head, name: ' ' }, 'name', /^Name is missing; expected a few words/],
    [{ ...head, name: ' ' }, 'place', undefined],
    [
      { ...head, timeZone: 'Moon/Base' },
      'timeZone',
      /^Zone: “Moon\/Base”.*a time zone such as Europe\/Lisbon/,
    ],
    [{ ...head, currency: 'euro' }, 'currency', /three capital letters/],
  ])('%j, %s', (data, key, says) => {
    const found = wrongPart(jobHeadSchema, data, key, key === 'name' ? 'Name' : 'Zone');
    if (says === undefined) expect(found).toBeUndefined();
    else expect(found).toMatch(says);
  });

  it('is asked of the data as it stands when somebody leaves the field', () => {
    let data = { ...head, name: '' };
    const [rule] = zodRules(jobHeadSchema, () => data, { name: 'Name' })['name'] ?? [];
    const said = (): string | undefined => {
      let wrong: string | undefined;
      rule?.validator?.(
        {} as never,
        '',
        (e?: string | Error) => (wrong = e instanceof Error ? e.message : e),
        {},
        {} as never,
      );
      return wrong;
    };
    expect(said()).toMatch(/^Name/);
    data = { ...data, name: 'Quay' };
    expect(said()).toBeUndefined();
  });
});
