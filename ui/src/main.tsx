import '@fontsource-variable/bricolage-grotesque/wght.css';
import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/400-italic.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { Refused } from './api/client';
import { SaidProvider } from './kit/Said';
import { theme } from './kit/theme';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      // A refusal will not change by asking again; silence may.
      retry: (count, error) =>
        count < 2 && !(error instanceof Refused && error.status >= 400 && error.status < 500),
    },
  },
});

const root = document.getElementById('root');
if (root === null) throw new Error('The page has no root.');

createRoot(root).render(
  <StrictMode>
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline enableColorScheme />
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <SaidProvider>
            <App />
          </SaidProvider>
        </BrowserRouter>
      </QueryClientProvider>
    </ThemeProvider>
  </StrictMode>,
);
