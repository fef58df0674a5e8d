import { useQuery } from '@tanstack/react-query';
import { api, take } from './client';
import type { components } from './generated';
import { keys } from './keys';
import { useLook } from './look';

export type Family = components['schemas']['FamilyDocument'];
export type FamilyStep = components['schemas']['FamilyStepDocument'];
export type Drawing = components['schemas']['FamilyDrawingDocument'];
export type Node = components['schemas']['FamilyNodeDocument'];
export type FamilyLink = components['schemas']['FamilyLinkDocument'];

/** Where a lot came from and what came of it; asked only where somebody wants to see it. */
export function useFamily(code: string, wanted: boolean) {
  return useQuery({
    queryKey: keys.family(code),
    queryFn: () => take(api.GET('/lots/{code}/family', { params: { path: { code } } })),
    enabled: wanted,
  });
}

/** The same of all lots of a variety. */
export function useFamilyOfVariety(id: string) {
  return useQuery({
    queryKey: keys.familyOfVariety(id),
    queryFn: () => take(api.GET('/varieties/{id}/family', { params: { path: { id } } })),
  });
}

/** How far a lot of a cross is on the way to a line. */
export function useRoad(code: string) {
  return useQuery({
    queryKey: keys.road(code),
    queryFn: () => take(api.GET('/lots/{code}/road', { params: { path: { code } } })),
  });
}

/** What a crossing touches, and what there is to go back to. */
export function useCrossed(code: string) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.crossed(code, on),
    queryFn: () => take(api.GET('/lots/{code}/crossed', { params: { path: { code }, query: { on } } })),
  });
}

/** How two lots are related, by code or by id; asked once both are named. */
export function useKin(code: string, other: string) {
  return useQuery({
    queryKey: keys.kin(code, other),
    queryFn: () => take(api.GET('/lots/{code}/kin/{other}', { params: { path: { code, other } } })),
    enabled: code !== '' && other !== '' && code !== other,
    retry: false,
  });
}
