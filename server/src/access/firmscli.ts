/** npm run firms: lists, adds and names the firms of a database. */
import { addFirm, listFirms, nameFirm } from './firmsmade.ts';

const USE = `npm run firms                              lists them
npm run firms -- add HOST "FIRM" "OWNER"   makes one, with a code for its owner
npm run firms -- name NUMBER HOST          gives one a host name`;

const url = process.env['DATABASE_URL'] ?? '';
const addresses = { url, ownerUrl: process.env['DATABASE_OWNER_URL'] ?? url };

async function run([what = 'list', ...given]: readonly string[]): Promise<string> {
  const [first = '', second = '', third = ''] = given;
  if (what === 'list' && given.length === 0) {
    const all = await listFirms(addresses);
    const line = (f: (typeof all)[number]): string =>
      `${f.id}  ${f.host ?? '(no host name)'}  ${f.name ?? '(nobody signs in)'}  ${f.jobs} jobs`;
    return all.map(line).join('\n');
  }
  if (what === 'add' && given.length === 3) {
    const made = await addFirm(addresses, { host: first, firm: second, owner: third }, new Date());
    return `Firm ${made.id} is reached under ${made.host}.\nCode for ${third}, good once until ${made.until.toISOString()}: ${made.code}\nOpen /join under that name and type it; a password is chosen there.`;
  }
  if (what === 'name' && given.length === 2 && /^\d{1,9}$/.test(first))
    return `Firm ${first} is reached under ${await nameFirm(addresses, Number(first), second)}.`;
  throw new Error(USE);
}

try {
  console.log(await run(process.argv.slice(2)));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
