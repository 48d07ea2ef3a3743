/** A code that is sent by mail: offered where there is a mail server. */
import { flushPromises, mount } from '@vue/test-utils';
import ElementPlus from 'element-plus';
import { afterEach, expect, it, vi } from 'vitest';
import { addressRule } from '../src/access/loginrules.ts';
import MailCode from '../src/access/MailCode.vue';

afterEach(() => vi.unstubAllGlobals());
const asked: { readonly path: string; readonly body: unknown }[] = [];
function serverSays(answers: Readonly<Record<string, [number, unknown]>>): void {
  asked.length = 0;
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    const short = path.replace('/api/v1', '');
    if (init.method === 'POST') asked.push({ path: short, body: JSON.parse(String(init.body)) });
    const [status, body] = answers[short] ?? [404, {}];
    const type = status < 400 ? 'application/json' : 'application/problem+json';
    return Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': type } }));
  });
}
async function shown() {
  const at = mount(MailCode, {
    props: { accountId: 'a', code: 'AAAA-BBBB-CCCC-DDDD' },
    global: { plugins: [ElementPlus] },
    attachTo: document.body,
  });
  await flushPromises();
  return at;
}

it('is not offered where there is no mail server', async () => {
  serverSays({ '/firm/mail': [200, { from: null }] });
  expect((await shown()).find('input').exists()).toBe(false);
});

/** What the rule of the field says; the form that holds it up is looked at in the browser. */
const ruled = (value: string): string | undefined => {
  let said: string | undefined;
  const done = (why?: string | Error): void => void (said = why instanceof Error ? why.message : why);
  addressRule.validator?.({}, value, done, {}, {});
  return said;
};
it.each(['zoe', '', 'zoe@harbour', 'a@b.example, c@d.example', 'a b@c.example', '@b.example'])(
  '“%s” is no address',
  (value) => {
    expect(ruled(value)).toBe(
      `Mail address: “${value}” was entered; expected one such as ada@harbour.example.`,
    );
  },
);
it.each(['zoe@harbour.example', ' z.o+e@sub.harbour.example '])('“%s” is one', (value) => {
  expect(ruled(value)).toBe(undefined);
});

it('sends, and says where to', async () => {
  serverSays({
    '/firm/mail': [200, { from: 'roofs@harbour.example' }],
    '/accounts/a/code/mail': [200, { sent: true }],
  });
  const at = await shown();
  await at.find('input').setValue(' zoe@harbour.example ');
  await at.find('form').trigger('submit');
  await expect.poll(() => at.text()).toContain('Sent to zoe@harbour.example, from roofs@harbour.example.');
  expect(asked).toEqual([
    { path: '/accounts/a/code/mail', body: { code: 'AAAA-BBBB-CCCC-DDDD', to: 'zoe@harbour.example' } },
  ]);
});

it('says what the mail server did not take', async () => {
  serverSays({
    '/firm/mail': [200, { from: 'roofs@harbour.example' }],
    '/accounts/a/code/mail': [
      502,
      { title: 'x', status: 502, detail: 'The mail server did not take the letter' },
    ],
  });
  const at = await shown();
  await at.find('input').setValue('zoe@harbour.example');
  await at.find('form').trigger('submit');
  await expect.poll(() => at.text()).toContain('The mail server did not take the letter');
  expect(at.text()).not.toContain('Sent to');
});
