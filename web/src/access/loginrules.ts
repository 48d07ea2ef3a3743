/** Rules of the forms with which people come in; the server has the same and decides. */
import type { FormItemRule } from 'element-plus';

const LEAST_LETTERS = 12;
const MOST_LETTERS = 128;
const LOGIN = /^[\p{L}\p{N}][\p{L}\p{N}._@+-]{1,79}$/u;

const says = (wrong: (value: string) => string | undefined): FormItemRule => ({
  trigger: 'blur',
  validator: (_rule, value: string, done) => {
    const why = wrong(value);
    if (why === undefined) done();
    else done(new Error(why));
  },
});

export const loginRule = says((value) =>
  LOGIN.test(value.trim())
    ? undefined
    : `Name to sign in: “${value}” was entered; expected 2 to 80 letters, digits, dots, dashes or an @, without blanks.`,
);
export const newPasswordRule = says((value) => {
  const letters = [...value.normalize('NFKC')].length;
  return letters >= LEAST_LETTERS && letters <= MOST_LETTERS
    ? undefined
    : `Password: ${letters === 1 ? '1 letter was' : `${letters} letters were`} entered; expected ${LEAST_LETTERS} to ${MOST_LETTERS}.`;
});
export const filledRule = (label: string): FormItemRule =>
  says((value) => (value.trim() === '' ? `${label}: nothing was entered; expected a name.` : undefined));
/** What it takes to be an address, as far as a form can tell: the mail server decides. */
const ADDRESS = /^[^\s@,;]+@[^\s@,;]+\.[^\s@,;.]+$/;
export const addressRule = says((value) =>
  ADDRESS.test(value.trim())
    ? undefined
    : `Mail address: “${value}” was entered; expected one such as ada@harbour.example.`,
);
/** A secret is not repeated. */
export const givenRule = (label: string): FormItemRule =>
  says((value) => (value === '' ? `${label}: nothing was entered.` : undefined));

export const PASSWORD_TIP = `At least ${LEAST_LETTERS} letters. Three or four words that do not belong together are easy to keep and hard to guess.`;
