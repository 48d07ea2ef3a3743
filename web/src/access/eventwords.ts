/** The log of access in sentences. */
import { ROLE_WORDS, type Part } from '@lentum/core/access';

export interface LoggedEvent {
  readonly n: number;
  readonly at: string;
  readonly what: string;
  readonly who: string | null;
  readonly about: string | null;
  readonly address: string | null;
  readonly detail: Readonly<Record<string, unknown>>;
}

/** What somebody was made, in words. */
function roles(detail: LoggedEvent['detail']): string {
  const firm = detail['firmRole'] as Part | null | undefined;
  const jobs = Object.values((detail['jobRoles'] ?? {}) as Record<string, Part>);
  const said = [
    ...(firm ? [ROLE_WORDS[firm].name.toLowerCase()] : []),
    ...jobs.map((r) => `${ROLE_WORDS[r].name.toLowerCase()} in one job`),
  ];
  return said.length === 0 ? 'without any role' : said.join(', ');
}

export function eventWords({ what, who, about, detail }: LoggedEvent): string {
  const [by, of] = [who ?? 'Somebody', about ?? 'somebody'];
  switch (what) {
    case 'firm mode on':
      return `${by} let people sign in, and is the owner.`;
    case 'signed in':
      return detail['by'] === 'passkey' ? `${by} signed in with a passkey.` : `${by} signed in.`;
    case 'wrong password':
      return `Wrong password for “${String(detail['login'])}”.`;
    case 'locked':
      return `Too many wrong passwords for “${String(detail['login'])}”: it is waited.`;
    case 'wrong code':
      return 'Somebody tried a code that is not good.';
    case 'signed out':
      return `${by} signed out.`;
    case 'session ended':
      return about === null ? `${by} signed out another device.` : `${by} signed ${of} out everywhere.`;
    case 'account made':
      return `${by} let ${of} in as ${roles(detail)}.`;
    case 'roles changed':
      return `${by} made ${of} ${roles(detail)}.`;
    case 'code made':
      return `${by} made a code for ${of}.`;
    case 'code mailed':
      return `${by} sent ${of} a code by mail.`;
    case 'code used':
      return `${by} came in with a code.`;
    case 'device code made':
      return who === about ? `${by} made a code for a phone.` : `${by} made a code for a phone of ${of}.`;
    case 'device added':
      return `${by} let a device in: ${String(detail['name'])}${'onlyJob' in detail ? ', for one job' : ''}.`;
    case 'device ended':
      return about === null
        ? `${by} signed out another device; its key is withdrawn.`
        : `${by} signed out a device of ${of}; its key is withdrawn.`;
    case 'link made':
      return `${by} made a link to a job for ${String(detail['forWhom'])}.`;
    case 'link opened':
      return 'Somebody came in by a link.';
    case 'link ended':
      return `${by} ended the link for ${String(detail['forWhom'])}.`;
    case 'wrong link':
      return 'Somebody tried a link that is not good.';
    case 'wrong passkey':
      return 'Somebody tried a passkey that is not good.';
    case 'passkey added':
      return `${by} made a passkey: ${String(detail['name'])}.`;
    case 'passkey ended':
      return `${by} took a passkey back.`;
    case 'password changed':
      return `${by} changed the password.`;
    case 'account closed':
      return `${by} closed the account of ${of}.`;
    case 'name replaced':
      return `${by} replaced the name of somebody whose account is closed.`;
    case 'signatures demanded':
      return `${by} has only signed entries taken from now on.`;
    case 'signatures let go':
      return `${by} has entries taken again that no device has signed.`;
    case 'host allowed':
      return `${by} allowed ${String(detail['host'])} to be asked.`;
    case 'host no longer allowed':
      return `${by} no longer allows ${String(detail['host'])} to be asked.`;
    case 'account opened':
      return `${by} opened the account of ${of} again.`;
    default:
      return what;
  }
}
