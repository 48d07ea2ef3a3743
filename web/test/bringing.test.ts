/** A job file that is brought in: what is to be known of its record is said before the job is opened. */
import { expect, it } from 'vitest';
import { arrived } from '../src/jobs/bringing.ts';

const box = (): HTMLElement | null => document.querySelector('.el-message-box');

it('opens the job at once where there is nothing to say', async () => {
  const opened: string[] = [];
  await arrived({ id: 'a' }, (id) => opened.push(id));
  expect(opened).toEqual(['a']);
  expect(box()).toBe(null);
});

it('says it first, and opens the job once it was read', async () => {
  const opened: string[] = [];
  const done = arrived({ id: 'b', says: 'The record of the file ends with entry 2.' }, (id) =>
    opened.push(id),
  );
  await expect.poll(() => box()?.textContent).toContain('ends with entry 2');
  expect(opened).toEqual([]);
  box()?.querySelector<HTMLButtonElement>('.el-button--primary')?.click();
  await done;
  expect(opened).toEqual(['b']);
});
