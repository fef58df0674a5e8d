import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useState, type ReactNode } from 'react';
import { api, take, type PlaceName } from '../api/client';
import { useStorePlaces, useVarieties } from '../api/queries';
import { useLook } from '../api/look';
import { SaveAs } from '../kit/SaveAs';
import type { useNarrowing } from './narrowing';
import { places } from './places';

/** What a list is narrowed by and how it is ordered, and the list as a file. */
export function NarrowBar({
  place,
  wide,
  narrowing: { narrowing, narrow },
  onTick,
}: {
  place: PlaceName;
  /** whether there is room for all of it at once */
  wide: boolean;
  narrowing: ReturnType<typeof useNarrowing>;
  /** lines are to be ticked */
  onTick?: () => void;
}) {
  const storePlaces = useStorePlaces().data ?? [];
  const varieties = useVarieties().data ?? [];
  const { on } = useLook();
  const crops = new Map(varieties.map(({ crop, crop_name }) => [crop, crop_name]));
  const isMore = [narrowing.lies, narrowing.crop, narrowing.only].some((value) => value !== undefined);
  const [more, setMore] = useState(isMore);
  const all = wide || more;
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <OutlinedInput
        sx={{ flex: wide ? '0 1 190px' : '1 1 120px', minWidth: 0 }}
        placeholder="Only those with …"
        value={narrowing.find ?? ''}
        onChange={(event) => narrow({ find: event.target.value })}
        inputProps={{ 'aria-label': 'Only those with' }}
      />
      {all && place === 'store' && storePlaces.length > 1 && (
        <Choose label="Where" value={narrowing.lies ?? ''} onChange={(lies) => narrow({ lies })}>
          <option value="">in every place</option>
          {storePlaces.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choose>
      )}
      {all && place !== 'plot' && crops.size > 1 && (
        <Choose label="Crop" value={narrowing.crop ?? ''} onChange={(crop) => narrow({ crop })}>
          <option value="">of every crop</option>
          {[...crops]
            .sort(([, a], [, b]) => a.localeCompare(b))
            .map(([key, name]) => (
              <option key={key} value={key}>
                {name}
              </option>
            ))}
        </Choose>
      )}
      {all && place === 'store' && (
        <Choose label="Which" value={narrowing.only ?? ''} onChange={(only) => narrow({ only })} most={190}>
          <option value="">every lot</option>
          <option value="last">last of its variety</option>
          <option value="untested">never tested</option>
          <option value="past">past what it can be counted on</option>
        </Choose>
      )}
      <Choose
        label="Order"
        value={narrowing.sort ?? 'due'}
        onChange={(sort) => narrow({ sort: sort === 'due' ? '' : sort })}
      >
        {places[place].orders.map(([sort, words]) => (
          <option key={sort} value={sort}>
            {words}
          </option>
        ))}
      </Choose>
      {!all && (
        <Button variant="text" sx={{ minWidth: 0, px: 1 }} onClick={() => setMore(true)}>
          More
        </Button>
      )}
      {/* Where there is room for it each line has its box already. */}
      {more && !wide && onTick !== undefined && (
        <Button variant="text" sx={{ minWidth: 0, px: 1 }} onClick={onTick}>
          Tick
        </Button>
      )}
      {all && (
        <SaveAs
          title={places[place].title}
          tags={`/tags?place=${place}`}
          table={async () => {
            const query = { ...narrowing, on, page: undefined };
            const list = await take(api.GET('/places/{place}/table', { params: { path: { place }, query } }));
            return [list.headings, ...list.rows];
          }}
        />
      )}
    </Box>
  );
}

function Choose({
  label,
  value,
  onChange,
  most = 164,
  children,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** px that its words may take */
  most?: number;
  children: ReactNode;
}) {
  return (
    <Box
      component="select"
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      sx={(t) => ({
        font: 'inherit',
        color: 'inherit',
        minHeight: 44,
        maxWidth: most,
        border: `2px solid ${t.vars?.palette.rule}`,
        borderRadius: `${t.shape.borderRadius}px`,
        bgcolor: t.vars?.palette.background.paper,
        px: 1,
      })}
    >
      {children}
    </Box>
  );
}
