import Box from '@mui/material/Box';
import { useDeferredValue } from 'react';
import { useTestAhead } from '../api/queries';
import type { Values } from '../kit/FieldGrid';

const ASKED = ['replicates', 'seeds', 'method', 'group'];

/** What a test costs and tells as it is typed, and how it is done, before its seed is taken. */
export function TestAhead({ values, of }: { values: Values; of: string }) {
  const typed = useDeferredValue(
    Object.fromEntries(ASKED.map((key) => [key, String(values[key] ?? '')])) as Record<string, string>,
  );
  if (of === '') return null;
  return <Ahead of={of} typed={typed} />;
}

function Ahead({ of, typed }: { of: string; typed: Record<string, string> }) {
  const ahead = useTestAhead(of, typed).data;
  if (ahead === undefined) return <Box sx={{ minHeight: 90 }} />;
  return (
    <Box role="group" aria-label="What it costs and tells" sx={{ my: 1.5, maxWidth: '46em' }}>
      <Box sx={{ fontWeight: 700 }}>{ahead.costs}</Box>
      {[...ahead.tells, ...ahead.wants].map((line) => (
        <Box key={line}>{line}</Box>
      ))}
      <Box component="details" sx={{ mt: 0.5 }}>
        <summary>How it is done</summary>
        <Box sx={{ mt: 0.5 }}>{ahead.ready}</Box>
        <ol style={{ marginTop: 4, paddingLeft: '1.4em' }}>
          {ahead.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </Box>
    </Box>
  );
}
