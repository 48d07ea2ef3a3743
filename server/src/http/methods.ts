/** Whether a request of this method changes nothing. */
export const isRead = (method: string): boolean => method === 'GET' || method === 'HEAD';
