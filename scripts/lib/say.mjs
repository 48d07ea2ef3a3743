/** Words to the person at the terminal. */
export const say = (text) => console.log(text);
export function giveUp(text) {
  console.error(`\n${text}`);
  process.exit(1);
}
