import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { FileButton } from '../kit/FileButton';
import { TextInput } from '../kit/fields';
import { Trouble } from '../kit/Section';
import { markIn, markInFile, pixels, TURNS } from './decode';

/** ms between two looks at what the camera shows. */
const LOOK = 200;

/** Reads one tag: by the camera, from a picture, or from the code that is typed off it. */
export function TagReader({
  label,
  busy,
  onRead,
}: {
  label: string;
  busy: boolean;
  onRead: (text: string) => void;
}) {
  const [typed, setTyped] = useState('');
  const [trouble, setTrouble] = useState('');
  const [looking, setLooking] = useState(false);
  return (
    <Box role="group" aria-label={label} sx={{ maxWidth: 520 }}>
      <Box
        component="form"
        noValidate
        sx={{ display: 'flex', gap: 1, alignItems: 'end', flexWrap: 'wrap' }}
        onSubmit={(event) => {
          event.preventDefault();
          if (typed.trim() !== '') onRead(typed);
        }}
      >
        <Box sx={{ flex: '1 1 160px' }}>
          <TextInput label="Code on the tag" hint="As L7, L7-2029 or P3" value={typed} onChange={setTyped} />
        </Box>
        <Button type="submit" disabled={busy} sx={{ mb: '1.6em' }}>
          Read it
        </Button>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button onClick={() => setLooking(!looking)}>{looking ? 'Camera off' : 'Use the camera'}</Button>
        <FileButton
          label={`${label}, a picture`}
          takes="picture"
          onFile={async (file) => {
            const text = await markInFile(file);
            setTrouble(text === undefined ? 'No square mark can be read in that picture.' : '');
            if (text !== undefined) onRead(text);
          }}
        >
          A picture of it
        </FileButton>
      </Box>
      {looking && (
        <Camera
          onRead={(text) => {
            setLooking(false);
            setTrouble('');
            onRead(text);
          }}
          onTrouble={(says) => {
            setLooking(false);
            setTrouble(says);
          }}
        />
      )}
      {trouble !== '' && <Trouble>{trouble}</Trouble>}
    </Box>
  );
}

function Camera({
  onRead,
  onTrouble,
}: {
  onRead: (text: string) => void;
  onTrouble: (says: string) => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef({ onRead, onTrouble });
  useEffect(() => {
    told.current = { onRead, onTrouble };
  });
  useEffect(() => {
    let stream: MediaStream | undefined;
    let timer: number | undefined;
    let over = false;
    let looks = 0;
    const look = () => {
      const seen = video.current;
      const image =
        seen !== null && seen.videoWidth > 0 ? pixels(seen, seen.videoWidth, seen.videoHeight) : undefined;
      const text = image && markIn(image, [looks++ % TURNS.length]);
      if (over) return;
      if (text === undefined) timer = window.setTimeout(look, LOOK);
      else told.current.onRead(text);
    };
    const begin = async () => {
      // Browsers give the camera to pages of this machine, and to those that come by https.
      if (!('mediaDevices' in navigator))
        throw new Error('Over an address like this one the browser gives no camera. Take a picture instead.');
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      if (over || video.current === null) return stream.getTracks().forEach((track) => track.stop());
      video.current.srcObject = stream;
      await video.current.play();
      look();
    };
    begin().catch((error: unknown) => {
      const name = error instanceof DOMException ? error.name : '';
      if (over || name === 'AbortError') return;
      told.current.onTrouble(
        name === 'NotAllowedError'
          ? 'The browser may not use the camera: allow it there, or take a picture.'
          : name === 'NotFoundError'
            ? 'There is no camera here. Take a picture with another device, or type the code.'
            : error instanceof Error
              ? error.message
              : 'The camera does not work.',
      );
    });
    return () => {
      over = true;
      window.clearTimeout(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return (
    <Box sx={{ mt: 1 }}>
      <Box
        component="video"
        ref={video}
        muted
        playsInline
        aria-label="What the camera sees"
        sx={{ width: '100%', maxHeight: 360, bgcolor: '#000' }}
      />
      Hold the square mark into the picture.
    </Box>
  );
}
