import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 } from 'uuid';
import { api, mayPass, take, type TagRead } from '../api/client';
import { useRecord } from '../api/outbox';
import { useLook } from '../api/look';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Section, Trouble } from '../kit/Section';
import { Tag } from '../shell/Tag';
import { agree } from './agree';
import { pageOfCode } from '../record/things';
import { readKnown } from '../api/takenAlong';
import { TagReader } from './TagReader';

/** Reads a tag and leads to what it is of; or both tags of a container, before it is closed. */
export function ReadPage() {
  const { mode } = useParams();
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1000 }}>
      {mode === 'close' ? <Close /> : <Find />}
    </Box>
  );
}

/** Without network it is looked up among what was taken along. */
async function read(text: string): Promise<TagRead> {
  try {
    return await take(api.GET('/tags/read', { params: { query: { text } } }));
  } catch (error) {
    if (!(error instanceof Error && mayPass(error))) throw error;
    const known = await Promise.all([
      take(api.GET('/choices/lots', { params: { query: {} } })),
      take(api.GET('/choices/plantings', { params: { query: {} } })),
    ]);
    return readKnown(text, known.flat());
  }
}

function useReading(onRead: (tag: TagRead) => void) {
  const [trouble, setTrouble] = useState('');
  const [busy, setBusy] = useState(false);
  const go = async (text: string) => {
    setBusy(true);
    try {
      const found = await read(text);
      setTrouble(found.status === 'here' ? '' : found.said);
      if (found.status === 'here') onRead(found);
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : 'It could not be looked up.');
    } finally {
      setBusy(false);
    }
  };
  return { trouble, busy, read: (text: string) => void go(text) };
}

function Find() {
  const navigate = useNavigate();
  const { at } = useLook();
  const reading = useReading(({ code }) => void navigate(at(pageOfCode(code))));
  return (
    <>
      <Typography variant="h1" sx={{ mb: 2 }}>
        Read a tag
      </Typography>
      <TagReader label="The tag" busy={reading.busy} onRead={reading.read} />
      {reading.trouble !== '' && <Trouble>{reading.trouble}</Trouble>}
      <Section title="Closing a container">
        <p style={{ marginTop: 0 }}>
          Before it is closed, the tag inside and the one outside are read: they must be of one seed.
        </p>
        <Button component={Link} to="/read/close">
          Close a container
        </Button>
      </Section>
    </>
  );
}

function Close() {
  const [params] = useSearchParams();
  const of = params.get('of');
  const { at } = useLook();
  const navigate = useNavigate();
  const frame = useFrame();
  const say = useSay();
  const [inner, setInner] = useState<TagRead | null>(null);
  const [outer, setOuter] = useState<TagRead | null>(null);
  const [id] = useState(() => v7());
  const verdict = agree(inner, outer, of);
  const save = useRecord((lot: string) => ({
    title: 'Closed a container',
    drafts: [
      {
        id,
        kind: 'closed',
        about: { subject: 'lot', id: lot },
        happened_at: frame.data?.now ?? '',
        payload: { container: inner?.container ?? outer?.container ?? null },
      },
    ],
  }));
  return (
    <>
      {of !== null && (
        <Box component={Link} to={at(`/store/${of}`)} sx={{ color: 'inherit' }}>
          Back to {of}
        </Box>
      )}
      <Typography variant="h1" sx={{ mt: of === null ? 0 : 1, mb: 1 }}>
        Close a container
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4 }}>
        <Half title="1. The tag inside" found={inner} onFound={setInner} />
        <Half title="2. The tag outside" found={outer} onFound={setOuter} />
      </Box>
      <Box aria-live="assertive">
        {verdict.stops !== '' && <Trouble>{verdict.stops}</Trouble>}
        {verdict.same && <b>Both are of one seed: close it.</b>}
      </Box>
      {save.error !== null && <Trouble>{save.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        <Button
          variant="contained"
          disabled={!verdict.same || save.isPending}
          onClick={() =>
            void afterwards(save.mutateAsync(inner?.id ?? ''), (saved) => {
              say(`Kept. ${saved.said}`, saved.entry);
              void navigate(at(`/store/${saved.code}`));
            })
          }
        >
          Keep: closed
        </Button>
        {(inner !== null || outer !== null) && (
          <Button
            onClick={() => {
              setInner(null);
              setOuter(null);
            }}
          >
            Read them again
          </Button>
        )}
      </Box>
    </>
  );
}

function Half({
  title,
  found,
  onFound,
}: {
  title: string;
  found: TagRead | null;
  onFound: (tag: TagRead) => void;
}) {
  const reading = useReading(onFound);
  return (
    <Section title={title}>
      {found === null ? (
        <TagReader label={title} busy={reading.busy} onRead={reading.read} />
      ) : (
        <>
          {found.tag !== null && <Tag tag={found.tag} />}
          <Box sx={{ mt: 1 }}>{found.said}</Box>
        </>
      )}
      {reading.trouble !== '' && <Trouble>{reading.trouble}</Trouble>}
    </Section>
  );
}
