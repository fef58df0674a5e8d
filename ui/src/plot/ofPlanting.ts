import { v7 } from 'uuid';
import type { Draft } from '../api/client';

/**
 * What is told of a planting in one press, to be sent.
 *
 * @param planting its id
 * @param at       the moment it happened, as the garden's clock gives it; to the minute
 * @param fields   the fields of the kind: drafts are typed by their kinds, and what is made here is read by the server
 * @param more     its own id, where a form that is left half-filled keeps one, and whether it was so all the same
 */
export const ofPlanting = (
  planting: string,
  kind: string,
  at: string,
  fields: Record<string, unknown>,
  more: { id?: string; evenSo?: boolean } = {},
): Draft => ({
  id: more.id ?? v7(),
  kind,
  about: { subject: 'planting', id: planting },
  happened_at: at.slice(0, 16),
  payload: fields as unknown as Draft['payload'],
  even_so: more.evenSo ?? false,
});
