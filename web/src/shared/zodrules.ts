/** Rules of a form of the component library, made of the schema that keeps its data: one sentence at the field that is wrong. */
import type { FormItemRule } from 'element-plus';
import type { z } from 'zod';
import { check, sentence } from '@lentum/core/problems';

/** What is wrong with one part of the data, in a sentence that names it as the form does; undefined where it is right. */
export function wrongPart(schema: z.ZodType, data: unknown, key: string, label: string): string | undefined {
  const read = check(schema, data, label);
  if (read.ok) return undefined;
  const found = read.problems.find((p) => p.field === key || p.field.startsWith(`${key}/`));
  return found && sentence({ ...found, label });
}

/**
 * @param data what the schema would keep of the form as it stands
 * @param labels of the fields, by key, as they are on screen
 */
export function zodRules(
  schema: z.ZodType,
  data: () => unknown,
  labels: Readonly<Record<string, string>>,
): Record<string, FormItemRule[]> {
  return Object.fromEntries(
    Object.entries(labels).map(([key, label]) => [
      key,
      [
        {
          trigger: ['blur', 'change'],
          validator: (_rule, _value, done) => {
            const wrong = wrongPart(schema, data(), key, label);
            if (wrong === undefined) done();
            else done(new Error(wrong));
          },
        } satisfies FormItemRule,
      ],
    ]),
  );
}
