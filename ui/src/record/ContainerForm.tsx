import Box from '@mui/material/Box';
import { api, take, type Saved } from '../api/client';
import type { Values } from '../kit/FieldGrid';
import { ThingForm } from './ThingForm';

/** A container that holds others: a tin, a box, a bag of packets. */
export function ContainerForm({
  container,
  onSaved,
  onCancel,
}: {
  /** the one that is changed; none where one is added */
  container?: { id: string; name: string; typed: Values };
  onSaved: (saved: Saved) => void;
  onCancel: () => void;
}) {
  return (
    <Box
      role="group"
      aria-label={container === undefined ? 'A new container' : `Change ${container.name}`}
      sx={(t) => ({ border: `2px solid ${t.vars?.palette.quiet}`, px: 1.5, my: 1 })}
    >
      <ThingForm
        name="container"
        thing={container}
        add="Add this container"
        save={(id, typed) => {
          const body = { id, ...typed } as never;
          return container === undefined
            ? take(api.POST('/containers', { body }))
            : take(api.PUT('/containers/{id}', { params: { path: { id } }, body }));
        }}
        onSaved={onSaved}
        onCancel={onCancel}
      />
    </Box>
  );
}
