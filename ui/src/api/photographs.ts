import { useQuery } from '@tanstack/react-query';
import { api, Refused, silent } from './client';
import { keys } from './keys';

/** Sends a photograph before it is told what it is of. @param jpeg base64 */
export async function addPhotograph(id: string, jpeg: string): Promise<void> {
  const { data, error, response } = await api.POST('/photographs', { body: { id, jpeg } }).catch(silent);
  if (data === undefined) throw Refused.of(response, error);
}

/** A photograph as an address that can be drawn: asked for as all else is, so that it is of the garden that is looked at. */
export function usePhotograph(id: string) {
  return useQuery({
    queryKey: keys.photograph(id),
    queryFn: async () => {
      const { data, error, response } = await api.GET('/photographs/{id}', {
        params: { path: { id } },
        parseAs: 'blob',
      });
      if (data === undefined) throw Refused.of(response, error);
      return URL.createObjectURL(data as unknown as Blob);
    },
    staleTime: Infinity,
    gcTime: Infinity,
  });
}
