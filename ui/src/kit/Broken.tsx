import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Component, type ReactNode } from 'react';
import { Trouble } from './Section';

/** A page that fails says so, and leaves the frame round it standing. */
export class Broken extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <Box sx={{ p: 2 }}>
        <Trouble>
          <p>This page could not be shown. Nothing that was recorded is touched by that.</p>
          <Button onClick={() => window.location.reload()}>Load it again</Button>
        </Trouble>
      </Box>
    );
  }
}
