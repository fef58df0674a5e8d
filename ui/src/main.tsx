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
import { takeAlong } from './api/along';
import { isInDemo } from './api/garden';
import { refresh } from './api/keys';
import { openOutbox, resume, send } from './api/outbox';
import { askAhead } from './api/queries';
import { ReferenceInputsProvider } from './kit/fields';
import { SaidProvider } from './kit/Said';
import { openShelf } from './kit/draft';
import { theme } from './kit/theme';
import { referenceInputs } from './record/references';
import { v7 } from 'uuid';

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

if (isInDemo()) openShelf('demo-');
askAhead(
  queries,
  window.location.pathname,
  new URLSearchParams(window.location.search).get('on') ?? undefined,
);
// Not waited for: what was kept is said back at once, and the lists follow.
openOutbox(queries, (touches) => void refresh(queries, touches));
void resume(queries);

// Once all that is asked for at first has come: it fetches what else there is, for when there is no network.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => {
    void navigator.serviceWorker
      .register('/sw.js')
      .then(() => navigator.serviceWorker.ready)
      .then(takeAlong)
      .catch(() => undefined);
  });

/** Takes back an entry, or the taking back of one. */
const takeBack = (entry: string) => send(queries, { title: 'Taken back', strikes: { entry, id: v7() } });

const root = document.getElementById('root');
if (root === null) throw new Error('The page has no root.');

createRoot(root).render(
  <StrictMode>
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline enableColorScheme />
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <ReferenceInputsProvider value={referenceInputs}>
            <SaidProvider takeBack={takeBack}>
              <App />
            </SaidProvider>
          </ReferenceInputsProvider>
        </BrowserRouter>
      </QueryClientProvider>
    </ThemeProvider>
  </StrictMode>,
);
