import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Caution } from '../kit/Section';

/** What is set turns the seasons under a plan: asked, and left as it was where it is not meant. */
export function TurnsTheYear({
  question,
  onYes,
  onNo,
}: {
  question: string;
  onYes: () => void;
  onNo: () => void;
}) {
  return (
    <Caution>
      {question}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button onClick={onYes}>It is so: turn the year</Button>
        <Button variant="text" onClick={onNo}>
          Leave it as it was
        </Button>
      </Box>
    </Caution>
  );
}
