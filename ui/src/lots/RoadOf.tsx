import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useRoad } from '../api/family';
import type { components } from '../api/generated';
import { useLook } from '../api/look';
import { Coming } from '../kit/Coming';
import { Section, Trouble } from '../kit/Section';
import { pageOfCode } from '../record/things';
import { Tag } from '../shell/Tag';

/** How far a lot of a cross is on the way to a line of its own, and what the next growing is for. */
export function RoadOf({ code }: { code: string }) {
  const road = useRoad(code);
  return (
    <Section title="Towards a line of its own">
      {road.error !== null && <Trouble>{road.error.message}</Trouble>}
      {road.data === undefined && road.error === null && <Coming lines={4} height={120} />}
      {road.data !== undefined && <Road road={road.data} />}
    </Section>
  );
}

function Road({ road }: { road: components['schemas']['RoadDocument'] }) {
  const { at } = useLook();
  return (
    <Box sx={{ maxWidth: '46em' }}>
      <Box sx={{ fontWeight: 700 }}>{road.said}</Box>
      {road.expects.length > 0 && <Lines title="To make it come true" lines={road.expects} />}
      {road.other !== '' && <p>{road.other}</p>}
      {road.wanted.length > 0 && <Lines title="What you look for" lines={road.wanted} />}
      {road.search !== '' && <Box sx={{ fontWeight: 700, mt: 1 }}>{road.search}</Box>}
      {road.stable.length > 0 && <Lines title="Whether it may be called stable" lines={road.stable} />}
      {road.gained.map(({ trait, lines }) => (
        <Lines key={trait} title={`What its plants were like: ${trait}`} lines={lines} />
      ))}
      {road.steps.length > 1 && (
        <>
          <Box component="h3" sx={{ typography: 'h3', mt: 1.5, mb: 0.5 }}>
            What was chosen
          </Box>
          <Box
            component="ol"
            aria-label="What was chosen"
            sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5, maxWidth: 480 }}
          >
            {road.steps.map(({ tag, said }) => (
              <li key={tag.code}>
                <Box
                  component={Link}
                  to={at(pageOfCode(tag.code))}
                  sx={{ display: 'block', textDecoration: 'none' }}
                >
                  <Tag tag={tag} dense />
                </Box>
                <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{said}</Box>
              </li>
            ))}
          </Box>
        </>
      )}
      {road.years.length > 0 && <Mixed years={road.years} />}
    </Box>
  );
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  return (
    <>
      <Box component="h3" sx={{ typography: 'h3', mt: 1.5, mb: 0.5 }}>
        {title}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
    </>
  );
}

const percent = (share: number) =>
  `${share >= 0.1 ? Math.round(share * 100) : (share * 100).toPrecision(2)} %`;

function Mixed({ years }: { years: components['schemas']['RoadYearDocument'][] }) {
  return (
    <Box
      component="table"
      sx={{ mt: 2, borderCollapse: 'collapse', '& th, & td': { textAlign: 'left', pr: 3, py: 0.25 } }}
    >
      <Box component="caption" sx={{ textAlign: 'left', fontWeight: 700, mb: 0.5 }}>
        Still mixed in one plant, of what differed in the cross
      </Box>
      <thead>
        <tr>
          <th scope="col">Generation</th>
          <th scope="col">If each is selfed</th>
          <th scope="col">Left to itself</th>
        </tr>
      </thead>
      <tbody>
        {years.map(({ generation, selfed, open, now }) => (
          <Box component="tr" key={generation} sx={{ fontWeight: now ? 700 : 400 }}>
            <th scope="row" style={{ fontWeight: 'inherit' }}>
              {generation}
              {now && ', this one'}
            </th>
            <td>{percent(selfed)}</td>
            <td>{percent(open)}</td>
          </Box>
        ))}
      </tbody>
    </Box>
  );
}
