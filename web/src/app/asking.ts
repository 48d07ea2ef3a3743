/** Asked before something is done that is not undone by a key. */
import { ElMessageBox } from 'element-plus';

/** @returns whether it is to be done */
export async function sure(title: string, what: string, yes: string, no = 'Cancel'): Promise<boolean> {
  try {
    await ElMessageBox.confirm(what, title, { confirmButtonText: yes, cancelButtonText: no });
    return true;
  } catch {
    return false;
  }
}
