import { useEffect } from 'react';
import { useLocation } from 'react-router';

/** The part of a page that its address names after the #: brought into view once the page stands. */
export function useAnchor(stands: boolean): string | null {
  const { hash } = useLocation();
  const id = hash === '' ? null : decodeURIComponent(hash.slice(1));
  useEffect(() => {
    if (stands && id !== null) document.getElementById(id)?.scrollIntoView({ block: 'center' });
  }, [stands, id]);
  return id;
}
