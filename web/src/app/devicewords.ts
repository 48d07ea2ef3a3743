/** What kind of device a browser says that it runs on: enough to know one's own by, beside when it was used. */

/** @param userAgent as the browser sent it */
export const deviceWords = (userAgent: string): string =>
  /Tablet/.test(userAgent) ? 'Tablet' : /Mobi/.test(userAgent) ? 'Phone' : 'Computer';
