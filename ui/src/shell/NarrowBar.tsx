import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { ReactNode } from 'react';
import { api, take, type PlaceName } from '../api/client';
import { useStorePlaces, useVarieties } from '../api/queries';
import { useLook } from '../api/look';
import { useSay } from '../kit/Said';
import { hand, toCsv, toWorkbook } from '../kit/spreadsheet';
import type { useNarrowing } from './narrowing';
import { places } from './places';

/** What a list is narrowed by and how it is ordered, and the list as a file. */
export function NarrowBar({
  place,
  wide,
  narrowing: { narrowing, narrow },
}: {
  place: PlaceName;
  /** whether there is room for more than the words and the order */
  wide: boolean;
  narrowing: ReturnType<typeof useNarrowing>;
}) {
  const storePlaces = useStorePlaces().data ?? [];
  const varieties = useVarieties().data ?? [];
  const crops = new Map(varieties.map(({ crop, crop_name }) => [crop, crop_name]));
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: wide ? 'wrap' : 'nowrap' }}>
      <OutlinedInput
        sx={{ flex: wide ? '0 1 220px' : 1, minWidth: 0 }}
        placeholder="Only those with …"
        value={narrowing.find ?? ''}
        onChange={(event) => narrow({ find: event.target.value })}
        inputProps={{ 'aria-label': 'Only those with' }}
      />
      {wide && place === 'store' && storePlaces.length > 1 && (
        <Choose label="Where" value={narrowing.lies ?? ''} onChange={(lies) => narrow({ lies })}>
          <option value="">in every place</option>
          {storePlaces.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choose>
      )}
      {wide && place !== 'plot' && crops.size > 1 && (
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
      {wide && place === 'store' && (
        <Choose label="Which" value={narrowing.only ?? ''} onChange={(only) => narrow({ only })}>
          <option value="">every lot</option>
          <option value="last">only one left of its variety</option>
          <option value="untested">never tested</option>
          <option value="past">past its near edge</option>
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
      {wide && <AsFile place={place} narrowing={narrowing} />}
    </Box>
  );
}

function Choose({
  label,
  value,
  onChange,
  children,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
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
        maxWidth: 170,
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

/** All of the list, not only the page of it that is shown, as it is narrowed and ordered. */
function AsFile({
  place,
  narrowing,
}: {
  place: PlaceName;
  narrowing: ReturnType<typeof useNarrowing>['narrowing'];
}) {
  const { on } = useLook();
  const say = useSay();
  const give = async (kind: 'csv' | 'xlsx') => {
    try {
      const query = { ...narrowing, page: undefined };
      const list = await take(
        api.GET('/places/{place}/table', { params: { path: { place }, query: { on, ...query } } }),
      );
      const table = [list.headings, ...list.rows];
      hand(
        `${list.title.toLowerCase()}.${kind}`,
        await (kind === 'csv' ? toCsv(table) : toWorkbook(list.title, table)),
      );
    } catch (error) {
      say(error instanceof Error ? error.message : 'The file could not be made.');
    }
  };
  return (
    <>
      <Button variant="text" onClick={() => void give('csv')}>
        As CSV
      </Button>
      <Button variant="text" onClick={() => void give('xlsx')}>
        As XLSX
      </Button>
    </>
  );
}
