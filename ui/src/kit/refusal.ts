import { useEffect, useRef, type RefObject } from 'react';

/** Of a form: what was refused may stand above what is in view, and is gone to. Another object for each refusal. */
export function useRefusalInView(refused: object | undefined): RefObject<HTMLFormElement | null> {
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (refused !== undefined) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [refused]);
  return form;
}
