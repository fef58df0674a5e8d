import Button from '@mui/material/Button';
import { Caution } from './Section';

/** A form that opens with what was typed before and not kept says so: a value that was refused is nobody's usual one. */
export function Resumed({ draft }: { draft: { resumed: boolean; clear: () => void } }) {
  if (!draft.resumed) return null;
  return (
    <Caution>
      This was typed before and is not kept.{' '}
      <Button variant="text" onClick={draft.clear}>
        Begin afresh
      </Button>
    </Caution>
  );
}
