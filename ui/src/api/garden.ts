const KEPT = 'marrow:garden';

/** Whether this tab looks at the demo garden, and not at the keeper's own. */
export function isInDemo(): boolean {
  try {
    return sessionStorage.getItem(KEPT) === 'demo';
  } catch {
    return false;
  }
}

/** The page is loaded anew: nothing that is known of the one is taken for the other. */
export function goTo(garden: 'demo' | 'own') {
  if (garden === 'demo') sessionStorage.setItem(KEPT, 'demo');
  else sessionStorage.removeItem(KEPT);
  window.location.assign('/today');
}
