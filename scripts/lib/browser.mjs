/** How Debian's Chromium is started without a screen, as root or not. */
export const BROWSER = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-dev-shm-usage',
    '--disable-background-networking',
    '--no-first-run',
    '--disable-component-update',
    '--disable-sync',
  ],
};
