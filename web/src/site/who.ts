import { ElMessageBox } from 'element-plus';
import { account } from '../app/session.ts';

/** Entries are signed: asks once for the name of whoever holds the device. False when it is not given. */
export async function askWho(preferences: { who: string }): Promise<boolean> {
  if (account.value || preferences.who.trim() !== '') return true;
  try {
    const { value } = await ElMessageBox.prompt(
      'Entries in the record carry a name. Who holds this device?',
      'Your name',
      {
        inputPattern: /\S/,
        inputErrorMessage: 'A name is needed, up to 80 letters.',
        confirmButtonText: 'Sign with this name',
        cancelButtonText: 'Cancel',
      },
    );
    preferences.who = value.trim().slice(0, 80);
    return true;
  } catch {
    return false;
  }
}
