/** The cache in which lies what the server last said: shown where there is no network, and to nobody who is not signed in. */
export const KNOWN = 'known';

/** On an answer that comes out of it: when the server said so. */
export const KNOWN_AT = 'X-Known-At';

/** What means something only while the server is there, or is nobody's business once it is closed. */
const NOT_KEPT = ['/api/ping', '/api/works/', '/api/copies', '/api/find', '/api/keepers', '/api/print-jobs'];

/** Whether an answer is kept for when there is no network: what is looked at of the keeper's own garden, as it is today. */
export function isKept(method: string, url: URL, garden: string | null): boolean {
  return (
    method === 'GET' &&
    garden === null &&
    url.pathname.startsWith('/api/') &&
    !url.searchParams.has('token') &&
    !NOT_KEPT.some((path) => url.pathname.startsWith(path))
  );
}
