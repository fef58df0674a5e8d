import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { pageNames, pages } from './places';

const keys: [string, string][] = [
  ...pageNames.map((name, index): [string, string] => [String(index + 1), pages[name].title]),
  ['/', 'Find by code, name, note or year, or record a line'],
  ['Home', 'Back to today from a look ahead'],
  ['← →', 'Along the belt, once it is reached with Tab'],
  ['?', 'This list'],
];

export function Keys({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose}>
      <DialogTitle>Keys</DialogTitle>
      <DialogContent>
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 3, rowGap: 0.75, m: 0 }}
        >
          {keys.map(([key, does]) => (
            <Box key={key} sx={{ display: 'contents' }}>
              <Box component="dt" sx={{ fontWeight: 700 }}>
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {does}
              </Box>
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
