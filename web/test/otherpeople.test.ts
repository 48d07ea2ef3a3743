// @vitest-environment happy-dom
/** Whoever stands in records without an account: found, and forgotten once. */
import { flushPromises, mount } from '@vue/test-utils';
import ElementPlus from 'element-plus';
import { expect, it } from 'vitest';
import OtherPeople from '../src/access/OtherPeople.vue';
import './device.ts';

const others = Array.from({ length: 9 }, (_, i) => ({
  ...{ personId: `p${i}`, name: `Mason ${i}` },
  forgottenAt: i === 4 ? '2026-05-12T08:00:00.000Z' : null,
}));

it('asks to replace a name, not one that was replaced, and finds people by name', async () => {
  const page = mount(OtherPeople, { props: { others }, global: { plugins: [ElementPlus] } });
  const rows = () => page.findAll('.el-table__body tr').map((r) => r.text());
  await flushPromises();
  expect(rows()).toHaveLength(9);
  expect(rows()[4]).toContain('replaced');
  expect(rows()[4]).not.toContain('Replace the name');
  const [first] = page.findAll('.el-table__body button');
  await first?.trigger('click');
  expect(page.emitted('forget')).toEqual([[others[0]]]);
  expect(page.find('a').attributes('href')).toBe('/api/v1/people/p0/file');
  await page.find('input').setValue(' MASON 7');
  await flushPromises();
  expect(rows()).toHaveLength(1);
  expect(rows()[0]).toContain('Mason 7');
});
