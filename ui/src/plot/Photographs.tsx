import Box from '@mui/material/Box';
import { useState } from 'react';
import { v7 } from 'uuid';
import { Refused, type Planting } from '../api/client';
import { useRecord } from '../api/outbox';
import { addPhotograph, usePhotograph } from '../api/photographs';
import { afterwards, useFrame } from '../api/queries';
import { FileButton } from '../kit/FileButton';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { ofPlanting } from './ofPlanting';
import { small } from './photograph';

/** Photographs of one plant of a row, and another one taken. */
export function Photographs({ planting, plant }: { planting: Planting; plant: number }) {
  const frame = useFrame();
  const say = useSay();
  const [trouble, setTrouble] = useState('');
  const [busy, setBusy] = useState(false);
  const ids = planting.walk.photographs.find((one) => one.plant === plant)?.ids ?? [];
  const save = useRecord((photograph: string) => ({
    title: `Photograph of plant ${plant}, ${planting.tag.code}`,
    at: window.location.pathname,
    drafts: [ofPlanting(planting.id, 'plant_photographed', frame.data?.now ?? '', { plant, photograph })],
  }));
  const take = async (file: File) => {
    setTrouble('');
    setBusy(true);
    try {
      const id = v7();
      await addPhotograph(id, await small(file));
      await afterwards(save.mutateAsync(id), (saved) => say(`Kept. ${saved.said}`, saved.entry));
    } catch (error) {
      setTrouble(
        error instanceof Refused
          ? error.message
          : 'This is no photograph that can be read, or there is no network.',
      );
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box sx={{ my: 1.25 }}>
      {ids.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mb: 0.75 }}>
          {ids.map((id, i) => (
            <Picture key={id} id={id} says={`Plant ${plant}, photograph ${i + 1}`} />
          ))}
        </Box>
      )}
      <FileButton
        label={`Photograph of plant ${plant}`}
        takes="picture"
        disabled={busy}
        onFile={(file) => void take(file)}
      >
        {busy ? 'Keeping …' : 'Photograph it'}
      </FileButton>
      {trouble !== '' && <Trouble>{trouble}</Trouble>}
      <Waiting write={save} typed={false} />
    </Box>
  );
}

function Picture({ id, says }: { id: string; says: string }) {
  const picture = usePhotograph(id);
  const [wide, setWide] = useState(false);
  if (picture.data === undefined) return null;
  return (
    <Box
      component="button"
      type="button"
      aria-expanded={wide}
      onClick={() => setWide(!wide)}
      sx={{
        appearance: 'none',
        border: 0,
        p: 0,
        bgcolor: 'transparent',
        cursor: 'pointer',
        maxWidth: '100%',
      }}
    >
      <img
        src={picture.data}
        alt={says}
        style={{ display: 'block', height: wide ? 'auto' : 96, maxWidth: '100%' }}
      />
    </Box>
  );
}
