import { useSpoken } from '../kit/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refused, type FieldDeclared, type PortionTable } from '../api/client';
import { useLook } from '../api/look';
import { usePortions } from '../api/queries';
import { Coming } from '../kit/Coming';
import { FieldGrid, type Values } from '../kit/FieldGrid';
import { Caution, Empty, Facts, Section, Trouble } from '../kit/Section';
import { RecordForm } from '../record/RecordForm';
import { Tag } from '../shell/Tag';

/** A lot parted into a packet for each year's sowing: what is wanted on the left, what comes of it on the right. */
export function PortionPage() {
  const { code = '' } = useParams();
  const { at } = useLook();
  const [typed, setTyped] = useState<Values>({});
  // What is not touched is as the server has it.
  const wish = Object.fromEntries(Object.entries(typed).map(([key, value]) => [key, String(value)]));
  const asked = usePortions(code, wish);
  const last = useLastGood(asked.data);
  if (last === undefined) {
    return asked.error !== null ? <Trouble>{asked.error.message}</Trouble> : <Coming lines={6} height={48} />;
  }
  const errors = asked.error instanceof Refused ? asked.error.fields : {};
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1180 }}>
      <Box component={Link} to={at(`/store/${code}`)} sx={{ color: 'inherit' }}>
        Back to {last.tag.code}
      </Box>
      <Typography variant="h1" sx={{ mt: 1 }}>
        Part it into packets
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', my: 1.5 }}>
        <Box sx={{ flex: '0 1 460px', minWidth: 0 }}>
          <Tag tag={last.tag} />
        </Box>
        <b>{last.there}</b>
      </Box>
      {last.caution !== null && <Caution>{last.caution}</Caution>}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 5fr) minmax(0, 7fr)' },
          gap: 4,
        }}
      >
        {last.counted && (
          <Section title="What is wanted">
            <FieldGrid
              fields={last.fields}
              values={typed}
              errors={errors}
              least={180}
              onChange={(values) => setTyped(values)}
            />
          </Section>
        )}
        <Box aria-live="polite">
          <Section title="What comes of it">
            {Object.keys(errors).length > 0 ? (
              <Empty>Mend what is marked, and it is reckoned again.</Empty>
            ) : (
              <Outcome table={last} code={code} />
            )}
          </Section>
        </Box>
      </Box>
    </Box>
  );
}

/** While something typed is refused, the page stands as it last could. */
function useLastGood(data: PortionTable | undefined): PortionTable | undefined {
  const [good, setGood] = useState(data);
  if (data !== undefined && data !== good) setGood(data);
  return data ?? good;
}

function Outcome({ table, code }: { table: PortionTable; code: string }) {
  const { at, on } = useLook();
  const navigate = useNavigate();
  const { season } = useSpoken();
  const most = Math.max(1, ...table.portions.map(({ seeds }) => seeds));
  return (
    <>
      <Box sx={{ fontWeight: 700, fontSize: '1.125rem', mb: 1 }}>{table.said}</Box>
      <Box component="ol" aria-label="Packets to make" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {table.portions.map(({ year, seeds, plants, said, alive }) => (
          <Box
            component="li"
            key={year}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: '4.2em 1fr',
              columnGap: 1.5,
              py: 0.6,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
            })}
          >
            <b>{season(year)}</b>
            <Box>
              <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
                <b>{said}</b>
                <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                  {alive}
                </Box>
              </Box>
              <Box
                sx={(t) => ({
                  mt: 0.5,
                  height: 8,
                  width: `${(100 * seeds) / most}%`,
                  bgcolor: t.vars?.palette.quiet,
                })}
              >
                {/* Of the seeds, those that must make a plant. */}
                <Box
                  sx={(t) => ({
                    height: 8,
                    width: `${(100 * plants) / seeds}%`,
                    bgcolor: t.vars?.palette.text.secondary,
                  })}
                />
              </Box>
            </Box>
          </Box>
        ))}
      </Box>
      {table.portions.length > 0 && (
        <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, fontSize: '0.875rem', mt: 0.5 })}>
          Dark: the plants that are wanted, of the seeds in the packet.
        </Box>
      )}
      {table.counted ? null : (
        <Button component={Link} to={at(`/store/${code}`)}>
          Count it, on its worksheet
        </Button>
      )}
      {table.until !== '' && <Caution>{table.until}</Caution>}
      {table.portions.length > 0 && (
        <>
          <Box sx={{ my: 1.5 }}>
            <Facts facts={table.facts} />
          </Box>
          <Box component="p" sx={(t) => ({ color: t.vars?.palette.text.secondary, mt: 0 })}>
            {table.ground}
          </Box>
        </>
      )}
      {table.make !== null && on === undefined && (
        <RecordForm
          key={table.portions.map(({ year, seeds }) => `${year} ${seeds}`).join()}
          happening={{
            ...table.make,
            title: 'the packets',
            fields: table.make.fields.map((field) => filled(field, table)),
            about: { subject: 'lot', id: table.id },
          }}
          onDone={() => void navigate(at(`/store/${code}`))}
        />
      )}
    </>
  );
}

/** The years and the seeds are as they were reckoned; nobody types them. */
function filled(field: FieldDeclared, table: PortionTable): FieldDeclared {
  const listed = {
    years: table.portions.map(({ year }) => year),
    seeds: table.portions.map(({ seeds }) => seeds),
  };
  const given = listed[field.key as keyof typeof listed];
  return given === undefined ? field : { ...field, hidden: true, count: null, usual: given.join(', ') };
}
