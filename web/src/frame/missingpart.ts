/**
 * A part of the application is fetched when it is first asked for; where that fails, whoever asked is told. Some browsers do
 * not fetch a part again that failed once, for as long as the page lives: loading the page helps in all of them.
 */
import { ElMessage } from 'element-plus';

const MISSING_PART =
  'A part of the program could not be fetched. There is no signal, or the server has a newer version. Load the page again once the server can be reached.';
const SHOWN_MS = 12_000;

/**
 * Listens for parts that do not come. What is fetched ahead, without anybody having asked, is not told: it is
 * asked for again when it is needed.
 */
export function tellOfMissingParts(): void {
  window.addEventListener('vite:preloadError', () => {
    if (!navigator.userActivation.isActive) return;
    ElMessage({ message: MISSING_PART, type: 'error', duration: SHOWN_MS, showClose: true, grouping: true });
  });
}
